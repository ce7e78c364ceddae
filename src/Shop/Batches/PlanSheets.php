<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmToCut;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Sheet\NearestFreePlace;
use Yelbo\Trade\Sheet\NestPiece;
use Yelbo\Trade\Sheet\NestStock;
use Yelbo\Trade\Sheet\Place;

/**
 * The sheets of a plan while it is changed by hand: where a piece can lie on one, and how long each is.
 *
 * @phpstan-import-type Laid from NestPlan
 * @phpstan-import-type PlanPlace from NestPlan
 */
final readonly class PlanSheets
{
    /** µm: a piece let go where it may not lie moves by so much at most. */
    private const SNAP = 30_000;
    /** µm: further than any sheet is long. */
    private const ANYWHERE = 5_000_000;

    public function __construct(
        private EntityManagerInterface $records,
        private NestParts $parts,
        private FilmToCut $film,
        private Shelf $shelf,
        private ShopRules $rules,
    ) {
    }

    /** @param Laid $laid */
    public function settle(NestPlan $plan, array $laid, int $sheet, int $nth, Place $wanted): Place
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
     * Where a piece of a plan lies on another sheet, turned as it is where there is room.
     *
     * @param Laid      $laid
     * @param PlanPlace $at
     *
     * @throws Refusals where there is no room
     */
    public function roomOn(NestPlan $plan, array $laid, int $sheet, array $at): Place
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
    public function free(NestPlan $plan, array $laid, int $stock): int
    {
        $item = $this->shelf->item($stock);
        $taken = \count(array_keys(array_column($laid['sheets'], 'stock'), $stock, true));
        if ($item->film() !== $plan->nesting()->film() || $taken >= $item->count()) {
            throw Refusals::at('place', "There is no more of {$item->number()} for this plan.");
        }

        return $stock;
    }

    /**
     * A sheet with what lies on it.
     *
     * @param Laid     $laid
     * @param int|null $but  a piece of it that is in hand
     *
     * @throws Refusals where the machine does not take it
     */
    public function onto(NestPlan $plan, array $laid, int $sheet, ?int $but = null): NearestFreePlace
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
     * @return Laid
     */
    public function measured(NestPlan $plan, array $laid, int $sheet): array
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
}
