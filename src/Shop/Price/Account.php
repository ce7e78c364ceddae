<?php

declare(strict_types=1);

namespace Yelbo\Shop\Price;

use Yelbo\Trade\Price\Money;

/** The papers of one order in the order of their numbers, and what is owed by them. */
final readonly class Account
{
    /**
     * @param list<Invoice>    $invoices
     * @param list<CreditNote> $credits
     * @param list<Receipt>    $receipts
     */
    public function __construct(public array $invoices, public array $credits, public array $receipts)
    {
    }

    /** Invoices less credits less receipts; less than nothing where the shop has to give back. */
    public function owed(): Money
    {
        return Money::sum(array_map(static fn (Invoice $one): Money => $one->total(), $this->invoices))
            ->less(Money::sum(array_map(static fn (CreditNote $one): Money => $one->total(), $this->credits)))
            ->less(Money::sum(array_map(static fn (Receipt $one): Money => $one->amount(), $this->receipts)));
    }

    /** The invoice that stands: none was written, or all were taken back, where there is none. */
    public function standing(): ?Invoice
    {
        $taken = array_map(static fn (CreditNote $one): int => $one->invoice()->number(), $this->credits);
        $standing = array_filter(
            $this->invoices,
            static fn (Invoice $one): bool => !\in_array($one->number(), $taken, true),
        );

        return array_pop($standing);
    }

    /** That the standing invoice was paid; none as long as it was not. */
    public function receipt(): ?Receipt
    {
        $standing = $this->standing();
        foreach ($this->receipts as $receipt) {
            if ($receipt->invoice() === $standing) {
                return $receipt;
            }
        }

        return null;
    }
}
