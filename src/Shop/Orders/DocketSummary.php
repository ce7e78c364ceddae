<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Journey\Station;

/** Where an order stands, as lists tell it: read without the order itself. */
final readonly class DocketSummary
{
    /**
     * @param string       $label    its words on one line
     * @param string       $customer who ordered it; empty where nobody said yet
     * @param string       $object   what it goes on; empty where nobody said yet
     * @param Station|null $station  none off the line
     * @param bool         $isLate   whether it will not be ready in time, as things stand now
     * @param int|null     $film     the number of its film
     */
    public function __construct(
        public int $number,
        public string $label,
        public string $customer,
        public string $object,
        public DocketState $state,
        public ?Station $station,
        public bool $isLate,
        public ?\DateTimeImmutable $neededAt,
        public int $quantity,
        public ?int $film,
    ) {
    }

    /** `Y-0412` */
    public function tag(): string
    {
        return Docket::tagOf($this->number);
    }
}
