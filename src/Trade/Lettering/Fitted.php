<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Region;

/** Words at a size, in their place on an object. */
final readonly class Fitted
{
    /**
     * @param int             $capHeight µm
     * @param int             $largest   the largest letter height that fits, µm; 0 where none does
     * @param array{int, int} $at        left and top of the artwork's box in the object's frame, µm
     * @param Region          $safe      in the object's frame
     * @param bool            $inside    does every point lie in the safe area?
     * @param Words           $words     as they were set: a ring's circle chosen
     * @param int|null        $droop     on a taper: how far the middle of a straight line would hang, µm
     * @param bool            $bent      on a taper: the art follows the arc
     * @param float|null      $strain    on a ball: how much the edge of its largest part has to shrink
     */
    public function __construct(
        public int $capHeight,
        public int $largest,
        public Artwork $artwork,
        public array $at,
        public Region $safe,
        public bool $inside,
        public Words $words,
        public ?int $droop = null,
        public bool $bent = false,
        public ?float $strain = null,
    ) {
    }

    /** How much larger it is than another could be, whole per cent. */
    public function moreThan(self $other): int
    {
        return (int) floor((100 * $this->capHeight) / max(1, $other->largest) - 100);
    }

    /** The same where a smaller size is told as the largest. */
    public function upTo(int $largest): self
    {
        return new self(
            $this->capHeight,
            $largest,
            $this->artwork,
            $this->at,
            $this->safe,
            $this->inside,
            $this->words,
            $this->droop,
            $this->bent,
            $this->strain,
        );
    }
}
