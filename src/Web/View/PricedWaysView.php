<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What an order paid, and would have paid three other ways. */
final readonly class PricedWaysView
{
    /**
     * @param string $tag of the order
     * @param string $who the customer
     * @param MoneyView $paid what was agreed, without tax
     * @param MoneyView $letters by the height of its letters
     * @param MoneyView $area by its area
     * @param MoneyView $minutes by its minutes
     * @param list<string> $more ways it would have paid more by: letters, area, minutes
     */
    public function __construct(
        public string $tag,
        public string $who,
        public MoneyView $paid,
        public MoneyView $letters,
        public MoneyView $area,
        public MoneyView $minutes,
        public array $more,
    ) {
    }
}
