<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;

/** What is cut of one film for a decal that is asked for or drawn: a piece of it once it is said yes to. */
final readonly class AskedLayer
{
    /**
     * @param Region   $region   what is cut of each, with the register marks beside what is joined
     * @param int      $count    of it in all
     * @param float    $weeding  minutes for each
     * @param float    $outline  mm the knife goes round each
     * @param Box|null $lifted   round all that is lifted with it; none where it is lifted with another
     * @param float    $printed  mm² printed on each; 0 of what is cut alone
     */
    public function __construct(
        public FilmOnShelf $film,
        public Region $region,
        public int $count,
        public float $weeding,
        public float $outline,
        public ?Box $lifted,
        public float $printed = 0.0,
    ) {
    }
}
