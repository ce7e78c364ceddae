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
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Journey\PlanState;
use Yelbo\Trade\Sheet\Place;

/**
 * Plans side by side: changed by hand, and one of them released.
 *
 * @phpstan-import-type Laid from NestPlan
 * @phpstan-import-type PlanPlace from NestPlan
 */
final readonly class PlanEditor
{
    public function __construct(
        private EntityManagerInterface $records,
        private PlanRelease $release,
        private Change $change,
        private Book $book,
        private PlanQueue $queue,
        private PlanSheets $sheets,
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
        $found = $this->sheets->settle(
            $plan,
            $laid,
            $sheet,
            $nth,
            new Place(NestParts::name($at['piece'], $at['part']), $x, $y, $turn),
        );
        $laid['sheets'][$sheet]['places'][$nth] =
            ['x' => $found->x, 'y' => $found->y, 'turn' => $found->turn, 'pinned' => true] + $at;
        $changed = $this->sheets->measured($plan, $laid, $sheet);
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
                'stock' => $this->sheets->free($plan, $laid, (int) $stock),
                'length' => 0,
                'fill' => 0.0,
                'places' => [],
            ];
        }
        $target = $laid['sheets'][$to] ?? $from;
        if ($to === $sheet || $target === $from) {
            throw Refusals::at('place', 'It lies on this sheet already. Choose another one.');
        }
        $found = $this->sheets->roomOn($plan, $laid, $to, $at);
        array_splice($from['places'], $nth, 1);
        $target['places'][] = ['x' => $found->x, 'y' => $found->y, 'turn' => $found->turn, 'pinned' => true] + $at;
        $laid['sheets'][$sheet] = $from;
        $laid['sheets'][$to] = $target;
        $laid = $this->sheets->measured($plan, $this->sheets->measured($plan, $laid, $sheet), $to);
        $laid['sheets'] = array_values(
            array_filter($laid['sheets'], static fn (array $each): bool => [] !== $each['places']),
        );
        $this->change->apply($plan, $version, static fn () => $plan->change($laid));
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
        $pieces = $this->sheets->pieces($nesting);
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

    /** @return Laid */
    private function laid(NestPlan $plan): array
    {
        $gone = array_filter(
            $this->sheets->pieces($plan->nesting()),
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
