<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Plan\Finish;
use Yelbo\Trade\Plan\StepMinutes;

/** One thing of an order that is not made yet, as far as its time is concerned. */
final readonly class AskedThing
{
    /**
     * @param non-empty-array<int, array{Film, string, float}> $films grade, colour and mm the knife goes for all of it, by the
     *     number of the film; 0 where none was chosen
     * @param int                      $copies    things in all
     * @param float                    $weeding   minutes for each
     * @param list<array{int, float}>  $lifted    the longer side of what is taped and applied in one go, µm, and how often for each
     * @param bool                     $elsewhere it is put on where the thing is, and rests there
     */
    public function __construct(
        public array $films,
        public int $copies,
        public float $weeding,
        public array $lifted,
        public bool $round,
        public bool $elsewhere,
        public bool $here,
        public Finish $finish,
        public ?\DateTimeImmutable $cured,
    ) {
    }

    /** Minutes each is at the bench: taped, and applied where that is done here. */
    public function bench(StepMinutes $minutes): float
    {
        $each = 0.0;
        foreach ($this->lifted as [$longer, $often]) {
            $each += $often * ($minutes->tape($longer) +
                ($this->here ? $minutes->apply($longer, $this->round, $this->elsewhere) : 1.0));
        }

        return $each;
    }

    /** The same, put on by the customer. */
    public function givenAway(): self
    {
        return new self(...['here' => false] + get_object_vars($this));
    }

    /** The same with nothing over it. */
    public function uncoated(): self
    {
        return new self(...['finish' => Finish::None] + get_object_vars($this));
    }
}
