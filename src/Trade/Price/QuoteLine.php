<?php

declare(strict_types=1);

namespace Yelbo\Trade\Price;

/** A line of a quote: what, how it came about, how much. */
final readonly class QuoteLine
{
    public function __construct(public string $what, public string $says, public Money $amount)
    {
    }
}
