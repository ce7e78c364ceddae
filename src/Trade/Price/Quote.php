<?php

declare(strict_types=1);

namespace Yelbo\Trade\Price;

/** What an order costs, line by line: they add up to the last unit. */
final readonly class Quote
{
    /**
     * @param list<QuoteLine> $lines
     * @param Money           $tax      that is in the total
     * @param list<string>    $unpriced films that have no price yet: the total is without them
     */
    public function __construct(
        public array $lines,
        public Money $total,
        public Money $tax,
        public array $unpriced = [],
    ) {
    }
}
