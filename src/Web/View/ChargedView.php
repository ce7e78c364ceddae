<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What an order costs as it is drawn now, what was agreed, and its invoice. */
final readonly class ChargedView
{
    /**
     * @param QuoteView|null $quote what it comes to; null where it cannot be drawn as it stands
     * @param MoneyView|null $agreed what was agreed; null where nothing was
     * @param InvoiceView|null $invoice what was charged; null where none was written
     */
    public function __construct(
        public ?QuoteView $quote,
        public ?MoneyView $agreed,
        public ?InvoiceView $invoice,
    ) {
    }
}
