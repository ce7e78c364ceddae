<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

/** What hands still do of an order as it stands, whenever it is asked: kept until something of it changes. */
final readonly class OrderLeft
{
    /**
     * @param list<OrderStep>         $steps   in order
     * @param \DateTimeImmutable|null $rests   until when all that can be gone on with rests or dries; none where
     *     something can be gone on with
     * @param \DateTimeImmutable|null $proofed when its newest proof was made; none where there is none
     */
    public function __construct(
        public array $steps,
        public ?\DateTimeImmutable $rests,
        public ?\DateTimeImmutable $proofed,
    ) {
    }
}
