<?php

declare(strict_types=1);

namespace Yelbo\Trade\Learn;

use Yelbo\Trade\Film\Film;

/** Work at the bench as far as its minutes go: what there is of it, and what it took where it was timed. */
final readonly class Entry
{
    /**
     * @param float      $waste   waste pieces
     * @param float      $cut     mm
     * @param float      $small   parts
     * @param float      $area    mm²
     * @param float|null $minutes none where it is asked for
     */
    public function __construct(
        public TimedStation $station,
        public Film $film,
        public float $waste,
        public float $cut,
        public float $small,
        public float $area,
        public ?float $minutes = null,
    ) {
    }

    /** @return list<float> what minutes grow with: a start, waste pieces, cut in m, small parts, area in dm² */
    public function grows(): array
    {
        return [1.0, $this->waste, $this->cut / 1000, $this->small, $this->area / 10_000];
    }

    /** Does it let go slowly: glitter, or parts that need the hook? */
    public function isHard(): bool
    {
        return $this->small > 0 || Film::Glitter === $this->film;
    }
}
