<?php

declare(strict_types=1);

namespace Yelbo\Shop\Price;

use Doctrine\ORM\Mapping as ORM;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Trade\Price\Money;

/** What was charged for an order, frozen: numbers run on without a gap, and none is ever given twice. */
#[ORM\Entity]
class Invoice
{
    /**
     * @param int          $number one more than the one before
     * @param list<string> $lines  what it is for
     * @param int          $total  minor units, tax included
     * @param int          $tax    minor units of it
     */
    public function __construct(
        #[ORM\Id, ORM\Column] private int $number,
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)] private Docket $docket,
        #[ORM\Column(length: 120)] private string $customer,
        #[ORM\Column(name: 'positions', type: 'json')] private array $lines,
        #[ORM\Column] private int $total,
        #[ORM\Column] private int $tax,
        #[ORM\Column] private \DateTimeImmutable $madeAt,
    ) {
    }

    /** Its number. */
    public function number(): int
    {
        return $this->number;
    }

    /** `R-0007` */
    public function tag(): string
    {
        return \sprintf('R-%04d', $this->number);
    }

    /** The order it is for. */
    public function docket(): Docket
    {
        return $this->docket;
    }

    /** Whom it is written to. */
    public function customer(): string
    {
        return $this->customer;
    }

    /** @return list<string> what it is for */
    public function lines(): array
    {
        return $this->lines;
    }

    /** Tax included. */
    public function total(): Money
    {
        return Money::minor($this->total);
    }

    /** What of it is tax. */
    public function tax(): Money
    {
        return Money::minor($this->tax);
    }

    /** When it was made. */
    public function madeAt(): \DateTimeImmutable
    {
        return $this->madeAt;
    }

    /** What stands on it. */
    public function bill(): Bill
    {
        return new Bill(
            "Invoice {$this->tag()}",
            $this->madeAt,
            $this->docket->tag(),
            $this->customer,
            $this->lines,
            $this->total(),
            $this->tax(),
            '',
        );
    }
}
