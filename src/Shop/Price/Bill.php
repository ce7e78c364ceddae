<?php

declare(strict_types=1);

namespace Yelbo\Shop\Price;

use Yelbo\Trade\Price\Money;

/** What stands on a quote, an invoice or a receipt. */
final readonly class Bill
{
    /**
     * @param string       $title    `Invoice R-0007`
     * @param string       $order    its tag
     * @param string       $customer whom it is written to
     * @param list<string> $lines    what it is for
     * @param Money        $total    tax included
     * @param string       $says     how long it holds, how it was paid; empty where there is nothing to say
     */
    public function __construct(
        public string $title,
        public \DateTimeImmutable $date,
        public string $order,
        public string $customer,
        public array $lines,
        public Money $total,
        public Money $tax,
        public string $says,
    ) {
    }
}
