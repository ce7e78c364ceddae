<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Where a shape lies: its box’s left top corner in mm, and its turn. */
final readonly class LaidView
{
    public function __construct(public string $name, public float $x, public float $y, public float $turn, public bool $pinned)
    {
    }
}
