<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A figure in a step's drawing. */
final readonly class StepTextView
{
    /**
     * @param string $text as it is shown
     * @param float $x of its middle, mm
     * @param float $y of its middle, mm
     */
    public function __construct(public string $text, public float $x, public float $y)
    {
    }
}
