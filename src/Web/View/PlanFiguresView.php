<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Sheet\PlanFigures;

/** What a plan takes, to be held against the others. */
final readonly class PlanFiguresView
{
    public function __construct(public int $placed, public int $pieces, public int $sheets, public int $offcuts, public float $film, public LengthView $remnant, public float $cutting, public float $weeding, public ?int $cost)
    {
    }

    /** @param int $left how many pieces found no place */
    public static function from(PlanFigures $figures, int $left): self
    {
        return new self($figures->placed, array_sum([$figures->placed, $left]), $figures->sheets, $figures->offcuts, $figures->film, LengthView::micrometres($figures->remnant), $figures->cutting, $figures->weeding, $figures->cost);
    }
}
