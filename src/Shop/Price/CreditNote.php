<?php

declare(strict_types=1);

namespace Yelbo\Shop\Price;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Trade\Price\Money;

/** That an invoice is taken back, whole: numbers of its own run on without a gap, and none is ever given twice. */
#[ORM\Entity(readOnly: true)]
class CreditNote
{
    /**
     * @param int    $number one more than the one before
     * @param string $why    a sentence
     */
    public function __construct(
        #[ORM\Id, ORM\Column] private int $number,
        #[ORM\OneToOne, ORM\JoinColumn(referencedColumnName: 'number', nullable: false)] private Invoice $invoice,
        #[ORM\Column(length: 200)] private string $why,
        #[ORM\Column] private \DateTimeImmutable $madeAt,
    ) {
    }

    /** Its number. */
    public function number(): int
    {
        return $this->number;
    }

    /** `C-0007` */
    public function tag(): string
    {
        return \sprintf('C-%04d', $this->number);
    }

    /** What it takes back. */
    public function invoice(): Invoice
    {
        return $this->invoice;
    }

    /** Tax included. */
    public function total(): Money
    {
        return $this->invoice->total();
    }

    /** Why, in a sentence. */
    public function why(): string
    {
        return $this->why;
    }

    /** What stands on it. */
    public function bill(): Bill
    {
        $of = $this->invoice->bill();

        return new Bill(
            "Credit note {$this->tag()}",
            $this->madeAt,
            $of->order,
            $of->customer,
            $of->lines,
            $of->total,
            $of->tax,
            "It takes back invoice {$this->invoice->tag()} of {$of->date->format('j F Y')}. $this->why",
        );
    }
}
