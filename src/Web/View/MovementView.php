<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Stock\Movement;

/** One movement on the shelf. */
final readonly class MovementView
{
    public function __construct(public string $at, public string $who, public string $what, public float $amount, public string $unit, public string $reason)
    {
    }

    public static function from(Movement $movement): self
    {
        [$amount, $unit] = $movement->amount();

        return new self($movement->at()->format(\DATE_ATOM), $movement->who(), $movement->what(), $amount, $unit, $movement->reason());
    }
}
