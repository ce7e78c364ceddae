<?php

declare(strict_types=1);

namespace Yelbo\Trade\Price;

/** One design of an order as far as its price is concerned. */
final readonly class PricedThing
{
    /**
     * @param int   $copies decals in all
     * @param float $weed   minutes for each
     * @param float $bench  minutes for each: tape, and applying where that is done here
     * @param int   $coats  over all of them, one after the other
     * @param int   $things objects they are on, or 0 for one each: that many are coated
     */
    public function __construct(
        public int $copies,
        public float $weed,
        public float $bench,
        public int $coats = 0,
        private int $things = 0,
    ) {
    }

    /** Objects that are coated. */
    public function things(): int
    {
        return 0 === $this->things ? $this->copies : $this->things;
    }

    /**
     * So many decals of it.
     *
     * @param int $copies of it
     */
    public function copied(int $copies): self
    {
        return new self(
            $copies,
            $this->weed,
            $this->bench,
            $this->coats,
            max(1, (int) round($copies * $this->things() / max(1, $this->copies))),
        );
    }
}
