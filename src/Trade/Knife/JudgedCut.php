<?php

declare(strict_types=1);

namespace Yelbo\Trade\Knife;

use Yelbo\Trade\Film\Film;

/** A test cut, or a job, as it was judged. */
final readonly class JudgedCut
{
    /**
     * @param float $metres what the blade had cut by then
     * @param float $force  grams
     * @param int $passes times the knife went over it
     */
    public function __construct(
        public Film $film,
        public string $blade,
        public float $metres,
        public float $force,
        public int $passes,
        public CutVerdict $verdict,
    ) {
    }
}
