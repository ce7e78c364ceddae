<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Yelbo\Trade\Journey\Station;

/** A step of an order as the week sees it: at which station, how long hands take, what passes afterwards. */
final readonly class OrderStep
{
    /**
     * @param string $key     a name that stays while others come and go: `cut-7`, `weed`, `coat-2`
     * @param float  $minutes hands take
     * @param int    $wait    minutes that pass afterwards, day and night
     * @param string $says    in a word or two
     */
    public function __construct(
        public string $key,
        public Station $station,
        public float $minutes,
        public int $wait,
        public string $says,
    ) {
    }
}
