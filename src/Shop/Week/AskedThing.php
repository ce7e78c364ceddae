<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Plan\FilmOnThing;
use Yelbo\Trade\Plan\Finish;
use Yelbo\Trade\Plan\WorkPlan;
use Yelbo\Trade\Rules;

/** One thing of an order that is not made yet, as far as its time is concerned. */
final readonly class AskedThing
{
    /**
     * @param non-empty-array<int, array{Film, string, float}> $films grade, colour and mm the knife goes for all of it,
     *     by the number of the film; 0 where none was chosen
     * @param int                      $copies    decals in all
     * @param float                    $weeding   minutes for each
     * @param non-empty-list<array{int, non-empty-list<FilmOnThing>}> $things how many of each kind, and what goes on
     *     one
     * @param bool                     $elsewhere it is put on where the thing is, and rests there
     */
    public function __construct(
        public array $films,
        public int $copies,
        public float $weeding,
        public array $things,
        public bool $elsewhere,
        public bool $here,
        public Finish $finish,
        public ?\DateTimeImmutable $cured,
    ) {
    }

    /** Minutes each decal is at the bench, by the plans of work: taped, and applied where that is done here. */
    public function bench(Rules $rules): float
    {
        $all = 0.0;
        foreach ($this->things as [$many, $films]) {
            $all += $many * WorkPlan::ofThing(
                array_map(fn (FilmOnThing $film): FilmOnThing => $film->appliedBy($this->here), $films),
                $rules,
            )->benchMinutes();
        }

        return $all / max(1, $this->copies);
    }

    /** How many things are in hand: what has panes carries a decal on each. */
    public function many(): int
    {
        return array_sum(array_column($this->things, 0));
    }

    /** This thing put on by the customer. */
    public function givenAway(): self
    {
        return new self(...['here' => false] + get_object_vars($this));
    }

    /** This thing with nothing over it. */
    public function uncoated(): self
    {
        return new self(...['finish' => Finish::None] + get_object_vars($this));
    }
}
