<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\FrozenFacts;

/** How many, where and by when, and what it costs. */
final readonly class ProofTermsView
{
    /**
     * @param int|null $price what the order costs, hundredths of the currency
     * @param int $quantity how many pieces
     * @param string $useOf where it is used: indoors, outdoors and so on
     * @param string $used where it is used, in words
     * @param string $neededOn the day it is needed, in words
     * @param bool $appliedHere whether the shop applies it
     * @param string $drawing name of the drawing in the place of words
     */
    public function __construct(
        public ?int $price,
        public int $quantity,
        public string $useOf,
        public string $used,
        public string $neededOn,
        public bool $appliedHere,
        public string $drawing,
    ) {
    }

    public static function from(FrozenFacts $facts): self
    {
        return new self(
            $facts->charged->price,
            $facts->quantity,
            $facts->useOf,
            $facts->used(),
            $facts->neededOn,
            $facts->appliedHere,
            $facts->drawing,
        );
    }
}
