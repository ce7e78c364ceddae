<?php

declare(strict_types=1);

namespace Yelbo\Shop\Price;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Trade\Price\Money;

/** That an invoice was paid: numbers run on without a gap, and none is ever given twice. */
#[ORM\Entity(readOnly: true)]
class Receipt
{
    /**
     * @param int $number one more than the one before
     * @param int $amount minor units
     */
    public function __construct(
        #[ORM\Id, ORM\Column] private int $number,
        #[ORM\OneToOne, ORM\JoinColumn(referencedColumnName: 'number', nullable: false)] private Invoice $invoice,
        #[ORM\Column] private int $amount,
        #[ORM\Column(length: 10)] private PaidBy $paidBy,
        #[ORM\Column] private \DateTimeImmutable $paidAt,
    ) {
    }

    /** Its number. */
    public function number(): int
    {
        return $this->number;
    }

    /** `P-0007` */
    public function tag(): string
    {
        return \sprintf('P-%04d', $this->number);
    }

    /** What was paid: all that was still owed then. */
    public function amount(): Money
    {
        return Money::minor($this->amount);
    }

    /** Which invoice. */
    public function invoice(): Invoice
    {
        return $this->invoice;
    }

    /** How it was paid. */
    public function paidBy(): PaidBy
    {
        return $this->paidBy;
    }

    /** When. */
    public function paidAt(): \DateTimeImmutable
    {
        return $this->paidAt;
    }

    /** What stands on it. */
    public function bill(): Bill
    {
        $of = $this->invoice->bill();

        return new Bill(
            "Receipt {$this->tag()}",
            $this->paidAt,
            $of->order,
            $of->customer,
            $of->lines,
            $of->total,
            $of->tax,
            "Invoice {$this->invoice->tag()} of {$of->date->format('j F Y')} was paid {$this->paidBy->inWords()}.".
                ($this->amount === $of->total->minor
                    ? ''
                    : " Of its amount {$of->total->less($this->amount())->plain()} had been paid before."),
        );
    }
}
