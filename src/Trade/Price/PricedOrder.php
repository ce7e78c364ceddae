<?php

declare(strict_types=1);

namespace Yelbo\Trade\Price;

use Yelbo\Trade\Plan\Handover;

/** What an order takes, as far as its price is concerned. */
final readonly class PricedOrder
{
    /**
     * @param non-empty-list<PricedThing>                                     $things
     * @param list<array{name: string, area: float, price: int|null}>         $films  mm² with what is cut again, minor
     *     units a m²; none where it is not known
     * @param int                                                             $tape   mm off the rolls
     * @param int                                                             $blanks of the shop's
     * @param float                                                           $blade  mm cut
     * @param bool                                                            $rush   wanted so soon that others wait
     * @param Handover                                                        $delivery how it comes to its customer
     * @param float                                                           $printed mm² of ink
     */
    public function __construct(
        public array $things,
        public array $films,
        public int $tape,
        public int $blanks,
        public float $blade,
        public bool $rush,
        public Handover $delivery = Handover::Collected,
        public float $printed = 0.0,
    ) {
    }

    /**
     * This order with so many of its only design; material goes with it.
     *
     * @param int $copies of it
     */
    public function copied(int $copies): self
    {
        $share = $copies / max(1, $this->things[0]->copies);

        return new self(
            [$this->things[0]->copied($copies)],
            array_map(
                static fn (array $film): array => ['area' => $film['area'] * $share] + $film,
                $this->films,
            ),
            (int) ceil($this->tape * $share),
            (int) ceil($this->blanks * $share),
            $this->blade * $share,
            $this->rush,
            $this->delivery,
            $this->printed * $share,
        );
    }
}
