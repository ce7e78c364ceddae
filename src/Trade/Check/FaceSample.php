<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Lettering\Face;

/** Words in one face at the largest size that fits, and how well they can be cut. */
final readonly class FaceSample
{
    /**
     * @param Region|null $film      the letters, origin at the top left of their box; none where they cannot be set
     * @param int|null    $capHeight µm
     * @param float       $spare     what is smallest in them as a share of its limit; under 1 they cannot be cut
     * @param string      $verdict   in words
     */
    public function __construct(
        public Face $face,
        public ?Region $film,
        public ?int $capHeight,
        public float $spare,
        public string $verdict,
    ) {
    }

    /**
     * This sample with another verdict.
     *
     * @param float $spare a share of the limit that binds, one being just enough
     */
    public function judged(float $spare, string $verdict): self
    {
        return new self($this->face, $this->film, $this->capHeight, $spare, $verdict);
    }

    /** Whether nothing in it is under its limit. */
    public function canBeCut(): bool
    {
        return null !== $this->film && $this->spare >= 1;
    }
}
