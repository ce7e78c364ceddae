<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Doctrine\ORM\Mapping as ORM;

/** An order that counts more, or less, than others when something has to be late. */
#[ORM\Entity]
class OrderWeight
{
    public const FIRST = 50.0;

    public function __construct(
        #[ORM\Id, ORM\Column] private int $docket,
        #[ORM\Column] private float $weight,
    ) {
    }

    /** The number of the docket. */
    public function docket(): int
    {
        return $this->docket;
    }

    /** How much a minute late of it counts; others count 1. */
    public function weight(): float
    {
        return $this->weight;
    }
}
