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
     * @param ReceiptView|null $receipt that it was paid; null where it was not
     * @param list<CreditView> $credits invoices that were taken back
     * @param MoneyView $owed invoices less credits less receipts; less than nothing where it is to be given back
     * @param RealCostView|null $cost what it really cost so far; null where nothing was cut yet
     */
    public function __construct(
        public ?QuoteView $quote,
        public ?MoneyView $agreed,
        public ?InvoiceView $invoice,
        public ?ReceiptView $receipt,
        public array $credits,
        public MoneyView $owed,
        public ?RealCostView $cost,
    ) {
    }
}
