<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Bench\TapeChoice;
use Yelbo\Trade\Geometry\Box;

/** The transfer tape of one decal. */
final readonly class TapePiece
{
    /**
     * @param Box $cover  in the art's own frame, µm
     * @param int $hinge  of it that stands over the top, µm
     * @param int $strips it is laid in, side by side
     */
    public function __construct(
        public TapeChoice $choice,
        public Box $cover,
        public int $hinge = 0,
        public int $strips = 1,
    ) {
    }
}
