<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** One movement on the shelf. */
final readonly class MovementView
{
    public function __construct(public string $at, public string $who, public string $what, public float $amount, public string $unit, public string $reason)
    {
    }
}
