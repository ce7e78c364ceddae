<?php

declare(strict_types=1);

namespace Yelbo\Trade\Price;

use Yelbo\Trade\Plan\Handover;

/** What an order took, as far as it was timed, cut and counted. */
final readonly class Spent
{
    /**
     * @param int                                                             $designs drawn
     * @param list<array{name: string, area: float, price: int|null, cuts: int}> $films mm² of sheets cut up for it,
     *     its share of those it shares; minor units a m², none where it is not known; sheets it lay on
     * @param int                                                             $tape    mm off the rolls
     * @param int                                                             $blanks  of the shop's
     * @param float                                                           $blade   mm cut
     * @param float                                                           $cutting minutes, its share
     * @param array{float, float}                                             $weeding minutes that were timed, and
     *     minutes the figures tell of what was not
     * @param array{float, float}                                             $bench   the same of tape and applying
     * @param array{float, int}                                               $coats   minutes, and coats on things
     * @param Handover                                                        $delivery how it goes to its customer
     * @param float                                                           $printed mm² of ink
     */
    public function __construct(
        public int $designs,
        public array $films,
        public int $tape,
        public int $blanks,
        public float $blade,
        public float $cutting,
        public array $weeding,
        public array $bench,
        public array $coats,
        public Handover $delivery,
        public float $printed = 0.0,
    ) {
    }
}
