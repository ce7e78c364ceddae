<?php

declare(strict_types=1);

namespace Yelbo\Trade\Film;

use Yelbo\Trade\Rules;

/** The smallest things that can be cut, weeded and will stay on, µm. Source: handbook section 5. */
final readonly class Limits
{
    /**
     * @param int $stroke µm
     * @param int $island µm
     * @param int $counter µm
     * @param int $gap µm
     */
    public function __construct(public int $stroke, public int $island, public int $counter, public int $gap)
    {
    }

    /** These limits where the maker of the film wants no line thinner than this, µm; nothing where he says nothing. */
    public function noThinner(?int $stroke): self
    {
        return null === $stroke
            ? $this
            : new self(max($this->stroke, $stroke), max($this->island, $stroke), $this->counter, $this->gap);
    }

    /**
     * These limits for a use: what has to last out there (strokes and islands) has to be larger, what
     * only the hook meets (counters and gaps) has not.
     */
    public function in(Usage $use, Rules $rules): self
    {
        $factor = $use->factor($rules);

        return new self(
            (int) round($this->stroke * $factor),
            (int) round($this->island * $factor),
            $this->counter,
            $this->gap,
        );
    }
}
