<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Price\Invoice;

/** An invoice as it was written. */
final readonly class InvoiceView
{
    /**
     * @param int $number its number
     * @param string $tag as it is shown
     * @param MoneyView $total tax included
     * @param string $madeAt when it was written, ISO 8601
     */
    public function __construct(public int $number, public string $tag, public MoneyView $total, public string $madeAt)
    {
    }

    public static function from(Invoice $invoice, string $format): self
    {
        return new self(
            $invoice->number(),
            $invoice->tag(),
            MoneyView::from($invoice->total(), $format),
            $invoice->madeAt()->format(\DATE_ATOM),
        );
    }
}
