<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Stock\Movement;

/** One movement on the shelf. */
final readonly class MovementView
{
    /**
     * @param string $at when, ISO 8601
     * @param string $who who did it
     * @param string $what received, cut, counted and so on
     * @param float $amount how much came in; less than nothing where it went out
     * @param string $unit the unit of the amount
     * @param string $reason why, in a few words
     */
    public function __construct(
        public string $at,
        public string $who,
        public string $what,
        public float $amount,
        public string $unit,
        public string $reason,
    ) {
    }

    public static function from(Movement $movement): self
    {
        [$amount, $unit] = $movement->amount();

        return new self(
            $movement->at()->format(\DATE_ATOM),
            $movement->who(),
            $movement->what(),
            $amount,
            $unit,
            $movement->reason(),
        );
    }
}
