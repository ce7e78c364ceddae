<?php

declare(strict_types=1);

namespace Yelbo\Trade\Price;

/** What an order costs, line by line: they add up to the last unit. */
final readonly class Quote
{
    /** @param list<QuoteLine> $lines */
    public function __construct(public array $lines, public Money $total, public Money $tax)
    {
    }
}
