<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Sheet\PlanFigures;

/** What a plan takes, to be held against the others. */
final readonly class PlanFiguresView
{
    /**
     * @param int $placed how many pieces were placed
     * @param int $pieces how many pieces there are to place
     * @param int $sheets how many sheets and rolls are used
     * @param int $offcuts how many offcuts are used up
     * @param float $film the film it takes, m²; what goes back is not taken
     * @param float $back the film that goes back on the shelf, m²
     * @param int|null $backWorth what that is worth, hundredths of the currency; null where the film has no price
     * @param LengthView $remnant what is left in one piece
     * @param float $cutting how long cutting takes, minutes
     * @param float $weeding how long weeding takes, minutes
     * @param int|null $cost film and minutes together, hundredths of the currency; null where the film has no price
     */
    public function __construct(
        public int $placed,
        public int $pieces,
        public int $sheets,
        public int $offcuts,
        public float $film,
        public float $back,
        public ?int $backWorth,
        public LengthView $remnant,
        public float $cutting,
        public float $weeding,
        public ?int $cost,
    ) {
    }

    /** @param int $left how many pieces found no place */
    public static function from(PlanFigures $figures, int $left): self
    {
        return new self(
            $figures->placed,
            array_sum([$figures->placed, $left]),
            $figures->sheets,
            $figures->offcuts,
            $figures->film,
            $figures->back,
            $figures->backWorth,
            LengthView::micrometres($figures->remnant),
            $figures->cutting,
            $figures->weeding,
            $figures->cost,
        );
    }
}
