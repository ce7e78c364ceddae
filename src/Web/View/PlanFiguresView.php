<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What a plan takes, to be held against the others. */
final readonly class PlanFiguresView
{
    public function __construct(public int $placed, public int $pieces, public int $sheets, public int $offcuts, public float $film, public LengthView $rest, public float $cutting, public float $weeding, public ?int $cost)
    {
    }
}
