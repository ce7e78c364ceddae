<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmToCut;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Journey\PlanState;
use Yelbo\Trade\Sheet\NearestFreePlace;
use Yelbo\Trade\Sheet\NestPiece;
use Yelbo\Trade\Sheet\NestStock;
use Yelbo\Trade\Sheet\Place;

/**
 * Plans side by side: changed by hand, and one of them released.
 *
 * @phpstan-import-type Laid from NestPlan
 * @phpstan-import-type PlanPlace from NestPlan
 */
final readonly class PlanEditor
{
    /** µm: a piece let go where it may not lie moves by so much at most. */
    private const SNAP = 30_000;
    /** µm: further than any sheet is long. */
    private const ANYWHERE = 5_000_000;

    public function __construct(
        private EntityManagerInterface $records,
        private NestParts $parts,
        private PlanRelease $release,
        private FilmToCut $film,
        private Shelf $shelf,
        private Change $change,
        private Book $book,
        private ShopRules $rules,
        private PlanQueue $queue,
    ) {
    }

    /** @throws NotFound */
    public function nesting(int $id): Nesting
    {
        $nesting = $this->records->find(Nesting::class, $id) ?? throw new NotFound('There are no such plans any more.');
        $this->queue->seen($nesting);

        return $nesting;
    }

    /** @throws NotFound */
    public function plan(int $id): NestPlan
    {
        $plan = $this->records->find(NestPlan::class, $id) ?? throw new NotFound('There is no such plan any more.');
        $this->records->refresh($plan);

        return $plan;
    }

    /**
     * Puts a piece down on a sheet: exactly there if it may lie there, else at the nearest place, else it is said what
     * is in the way.
     *
     * @param int $x µm
     * @param int $y µm
     */
    public function move(NestPlan $plan, int $version, int $sheet, int $nth, int $x, int $y, float $turn): void
    {
        $laid = $this->laid($plan);
        $at = $laid['sheets'][$sheet]['places'][$nth] ?? throw new NotFound('There is no such piece on this sheet.');
        $found = $this->settle(
            $plan,
            $laid,
            $sheet,
            $nth,
            new Place(NestParts::name($at['piece'], $at['part']), $x, $y, $turn),
        );
        $laid['sheets'][$sheet]['places'][$nth] =
            ['x' => $found->x, 'y' => $found->y, 'turn' => $found->turn, 'pinned' => true] + $at;
        $changed = $this->measured($plan, $laid, $sheet);
        $this->change->apply($plan, $version, static fn () => $plan->change($changed));
    }

    /**
     * Carries a piece to another sheet of the plan, or to one from the shelf: there it lies as near to its corner as
     * there is room. A sheet nothing is left on leaves the plan.
     *
     * @param int      $sheet where it lies
     * @param int|null $to    the sheet of the plan it goes to; one more where none is named
     * @param int|null $stock of that one more its number on the shelf
     *
     * @throws Refusals where there is no room, or no such stock any more
     * @throws Conflict where the plan has been changed since
     */
    public function carry(NestPlan $plan, int $version, int $sheet, int $nth, ?int $to, ?int $stock): void
    {
        $laid = $this->laid($plan);
        $from = $laid['sheets'][$sheet] ?? throw new NotFound('There is no such sheet.');
        $at = $from['places'][$nth] ?? throw new NotFound('There is no such piece on this sheet.');
        if (null === $to) {
            $to = \count($laid['sheets']);
            $laid['sheets'][] = [
                'stock' => $this->free($plan, $laid, (int) $stock),
                'length' => 0,
                'fill' => 0.0,
                'places' => [],
            ];
        }
        $target = $laid['sheets'][$to] ?? $from;
        if ($to === $sheet || $target === $from) {
            throw Refusals::at('place', 'It lies on this sheet already. Choose another one.');
        }
        $found = $this->roomOn($plan, $laid, $to, $at);
        array_splice($from['places'], $nth, 1);
        $target['places'][] = ['x' => $found->x, 'y' => $found->y, 'turn' => $found->turn, 'pinned' => true] + $at;
        $laid['sheets'][$sheet] = $from;
        $laid['sheets'][$to] = $target;
        $laid = $this->measured($plan, $this->measured($plan, $laid, $sheet), $to);
        $laid['sheets'] = array_values(
            array_filter($laid['sheets'], static fn (array $each): bool => [] !== $each['places']),
        );
        $this->change->apply($plan, $version, static fn () => $plan->change($laid));
    }

    /**
     * Where a piece of a plan lies on another sheet, turned as it is where there is room.
     *
     * @param Laid      $laid
     * @param PlanPlace $at
     *
     * @throws Refusals where there is no room
     */
    private function roomOn(NestPlan $plan, array $laid, int $sheet, array $at): Place
    {
        $name = NestParts::name($at['piece'], $at['part']);
        $piece = $this->parts($plan)[$name];
        $settle = $this->onto($plan, $laid, $sheet);
        foreach (array_unique([$at['turn'], ...$this->film->turns($plan->nesting()->film())]) as $turn) {
            $found = $settle->near($piece, new Place($name, 0, 0, $turn), self::ANYWHERE);
            if (null !== $found) {
                return $found;
            }
        }
        throw Refusals::at(
            'place',
            'There is no room for it on that sheet. Move others first, or take another sheet.',
        );
    }

    /**
     * Film of the plan's kind that is not on the plan yet.
     *
     * @param Laid $laid
     *
     * @return int its number on the shelf
     *
     * @throws Refusals
     */
    private function free(NestPlan $plan, array $laid, int $stock): int
    {
        $item = $this->shelf->item($stock);
        $taken = \count(array_keys(array_column($laid['sheets'], 'stock'), $stock, true));
        if ($item->film() !== $plan->nesting()->film() || $taken >= $item->count()) {
            throw Refusals::at('place', "There is no more of {$item->number()} for this plan.");
        }

        return $stock;
    }

    /**
     * Pins a piece where it lies, or lets it go.
     *
     * @throws Conflict where the plan has been changed since
     */
    public function pin(NestPlan $plan, int $version, int $sheet, int $nth, bool $pinned): void
    {
        $laid = $this->laid($plan);
        if (!isset($laid['sheets'][$sheet]['places'][$nth])) {
            throw new NotFound('There is no such piece on this sheet.');
        }
        $this->change->apply($plan, $version, static function () use ($plan, $laid, $sheet, $nth, $pinned): void {
            $laid['sheets'][$sheet]['places'][$nth]['pinned'] = $pinned;
            $plan->change($laid);
        });
    }

    /**
     * Takes the last change by hand back.
     *
     * @throws Conflict where the plan has been changed since
     */
    public function undo(NestPlan $plan, int $version): void
    {
        $this->change->apply($plan, $version, static fn () => $plan->undo());
    }

    /**
     * Sheets are frozen and pieces taken, all or none.
     *
     * @return list<Batch>
     */
    public function release(NestPlan $plan, int $version): array
    {
        $laid = $this->laid($plan);
        $nesting = $plan->nesting();
        $pieces = $this->pieces($nesting);
        if ($plan->state()->isUnderWay()) {
            throw Refusals::at('plan', 'Yelbo is still working on this plan. Take the best so far first.');
        }

        return $this->change->apply($plan, $version, function () use ($plan, $nesting, $laid, $pieces): array {
            $plan->released();
            $batches = $this->release->release($nesting, $laid, $pieces);
            $this->queue->cancel($nesting);

            return $batches;
        });
    }

    /** @return array<int, Piece> by id */
    public function pieces(Nesting $nesting): array
    {
        $pieces = [];
        foreach (
            $this->records->getRepository(Piece::class)->findBy(['id' => array_keys($nesting->pieces())]) as $piece
        ) {
            $pieces[$piece->id()] = $piece;
        }

        return $pieces;
    }

    /** @return array<int|string, NestPiece> every piece of a plan by its name there */
    public function parts(NestPlan $plan): array
    {
        return $this->partsOf($plan->nesting());
    }

    /** @return array<int|string, NestPiece> every piece, or part of one, by its name in the plans */
    public function partsOf(Nesting $nesting): array
    {
        return $this->parts->of(array_values($this->pieces($nesting)), $nesting->split(), $this->rules->current());
    }

    /** @param Laid $laid */
    private function settle(NestPlan $plan, array $laid, int $sheet, int $nth, Place $wanted): Place
    {
        $piece = $this->parts($plan)[$wanted->piece];
        if (!\in_array((int) $wanted->turn, $this->film->turns($plan->nesting()->film()), true)) {
            throw Refusals::at('place', 'This film runs one way: its pieces are not turned.');
        }
        $settle = $this->onto($plan, $laid, $sheet, $nth);
        $found = $settle->near($piece, $wanted, self::SNAP);
        $was = $laid['sheets'][$sheet]['places'][$nth];
        if (
            null === $found
            || ([$found->x, $found->y, $found->turn] === [$was['x'], $was['y'], $was['turn']]
                && [$wanted->x, $wanted->y] !== [$was['x'], $was['y']])
        ) {
            $tags = $this->pieces($plan->nesting());
            $touched = array_unique(
                array_map(
                    static fn (string $id): string => isset($tags[(int) $id]) ? $tags[(int) $id]->tag() : $id,
                    $settle->touched($piece, $wanted),
                ),
            );
            throw Refusals::at(
                'place',
                [] === $touched
                    ? 'It would hang over the edge of the film there.'
                    : 'There it comes too near to '.implode(' and ', $touched).', and there is no room beside.',
            );
        }

        return $found;
    }

    /**
     * A sheet with what lies on it.
     *
     * @param Laid     $laid
     * @param int|null $but  a piece of it that is in hand
     *
     * @throws Refusals where the machine does not take it
     */
    private function onto(NestPlan $plan, array $laid, int $sheet, ?int $but = null): NearestFreePlace
    {
        $parts = $this->parts($plan);
        $others = [];
        foreach ($laid['sheets'][$sheet]['places'] as $other => $at) {
            if ($other !== $but) {
                $name = NestParts::name($at['piece'], $at['part']);
                $others[] = [$parts[$name], new Place($name, $at['x'], $at['y'], $at['turn'])];
            }
        }

        return new NearestFreePlace($this->stock($laid, $sheet), $this->film->gaps(), $others);
    }

    /**
     * @param Laid $laid
     *
     * @throws Refusals where the machine does not take it
     */
    private function stock(array $laid, int $sheet): NestStock
    {
        return $this->film->one($this->shelf->item($laid['sheets'][$sheet]['stock'])) ??
            throw Refusals::at('place', 'The machine does not take this film.');
    }

    /**
     * @param Laid $laid
     *
     * @return Laid
     */
    private function measured(NestPlan $plan, array $laid, int $sheet): array
    {
        $parts = $this->parts($plan);
        $length = 0;
        foreach ($laid['sheets'][$sheet]['places'] as $at) {
            $name = NestParts::name($at['piece'], $at['part']);
            $length = max(
                $length,
                (new Place($name, $at['x'], $at['y'], $at['turn']))->put($parts[$name]->region)->box()->bottom,
            );
        }
        $laid['sheets'][$sheet]['length'] = $length;
        $laid['sheets'][$sheet]['fill'] = Layout::fill(
            $this->stock($laid, $sheet),
            $length,
            array_map(
                static fn (array $at): NestPiece => $parts[NestParts::name($at['piece'], $at['part'])],
                $laid['sheets'][$sheet]['places'],
            ),
        );

        return $laid;
    }

    /** @return Laid */
    private function laid(NestPlan $plan): array
    {
        $gone = array_filter(
            $this->pieces($plan->nesting()),
            static fn (Piece $piece): bool => PieceState::Waiting !== $piece->state(),
        );
        if ([] !== $gone && PlanState::Released !== $plan->state()) {
            throw new Conflict($this->goneSays(array_values($gone)[0]));
        }

        return $plan->laid() ?? throw Refusals::at('plan', $plan->trouble() ?? 'There is no plan yet. A moment.');
    }

    private function goneSays(Piece $piece): string
    {
        $last = $this->book->last($piece->docket()->number(), $piece->nth());
        $who = null === $last ? 'somebody else' : "{$last->who()} ({$last->says()})";

        return "{$piece->tag()} was taken meanwhile by $who. The plans are made again without it.";
    }
}
