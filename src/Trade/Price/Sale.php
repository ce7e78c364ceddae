<?php

declare(strict_types=1);

namespace Yelbo\Trade\Price;

/** An order that was sold: for how much, and what of it other ways of charging would count. */
final readonly class Sale
{
    /**
     * @param string $tag     of the order
     * @param string $who     the customer
     * @param Money  $price   that was agreed
     * @param float  $letters mm, the heights of all its letters one by one
     * @param float  $area    mm², the boxes of all its decals
     * @param float  $minutes of hands
     */
    public function __construct(
        public string $tag,
        public string $who,
        public Money $price,
        public float $letters,
        public float $area,
        public float $minutes,
    ) {
    }
}
