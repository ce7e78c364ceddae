<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A spot on the art, mm from the top left of its box. */
final readonly class SpotView
{
    public function __construct(public float $x, public float $y)
    {
    }
}
