<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Yelbo\Trade\Journey\Station;

/** A step of an order as the week sees it: at which station, how long hands take, what passes afterwards. */
final readonly class OrderStep
{
    /** Minutes: more is put down and taken up again, so that it fits into a day. */
    private const IN_ONE_GO = 50;

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

    /** @return non-empty-list<self> in parts that fit into a day; what passes afterwards, passes after the last */
    public function inParts(): array
    {
        $many = max(1, (int) ceil($this->minutes / self::IN_ONE_GO));

        return array_map(
            fn (int $nth): self => new self(
                1 === $nth ? $this->key : "$this->key-part-$nth",
                $this->station,
                $this->minutes / $many,
                $nth === $many ? $this->wait : 0,
                1 === $many ? $this->says : "$this->says, $nth of $many",
            ),
            range(1, $many),
        );
    }
}
