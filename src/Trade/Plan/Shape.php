<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

/** How an object is bent, as far as hands care. */
enum Shape: string
{
    case Flat = 'flat';
    case Round = 'round';
    case Taper = 'taper';
    case Ball = 'ball';

    /** Is it turned while it is worked on? */
    public function isRound(): bool
    {
        return self::Flat !== $this;
    }
}
