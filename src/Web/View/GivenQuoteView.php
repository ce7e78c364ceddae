<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Price\Bill;

/** What an order costs its customer, as the proof says it. */
final readonly class GivenQuoteView
{
    /**
     * @param list<string> $lines what it is for
     * @param MoneyView $total tax included
     * @param MoneyView|null $tax of it; null where there is none
     * @param string $says until when it holds, or when it was agreed
     */
    public function __construct(
        public array $lines,
        public MoneyView $total,
        public ?MoneyView $tax,
        public string $says,
    ) {
    }

    public static function from(Bill $bill, string $format): self
    {
        return new self(
            $bill->lines,
            MoneyView::from($bill->total, $format),
            0 === $bill->tax->minor ? null : MoneyView::from($bill->tax, $format),
            $bill->says,
        );
    }
}
