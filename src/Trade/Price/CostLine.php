<?php

declare(strict_types=1);

namespace Yelbo\Trade\Price;

/** A line of what an order really cost: what, from what, how much. */
final readonly class CostLine
{
    /** @param bool $measured it was timed, cut or counted; else it is what the figures tell */
    public function __construct(public string $what, public string $says, public Money $amount, public bool $measured)
    {
    }
}
