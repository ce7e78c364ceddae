<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Plan\Finish;
use Yelbo\Trade\Plan\StepMinutes;

/** One thing of an order that is only asked for yet, as far as its time is concerned. */
final readonly class AskedThing
{
    /**
     * @param string    $filmName  the film by its colour; empty where none was chosen
     * @param int       $copies    decals in all
     * @param float     $weeding   minutes for each
     * @param int       $longer    the longer side of the art, µm
     * @param bool      $elsewhere it is put on where the thing is, and rests there
     */
    public function __construct(
        public Film $film,
        public string $filmName,
        public int $copies,
        public float $weeding,
        public int $longer,
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
        return $minutes->tape($this->longer) +
            ($this->here ? $minutes->apply($this->longer, $this->round, $this->elsewhere) : 1.0);
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
