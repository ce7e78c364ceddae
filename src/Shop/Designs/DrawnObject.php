<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Object\Surface;

/** The object a design is drawn on, laid flat. Lengths in µm. */
final readonly class DrawnObject
{
    /**
     * @param Surface        $surface   less what has to stay clear
     * @param Region|null    $keepOuts  what has to stay clear
     * @param Box            $focus     what of it is worth looking at
     * @param int            $clearance to the edge of the safe area
     * @param FromFront|null $front     of a round one: as it is seen from the front
     */
    public function __construct(
        public Surface $surface,
        public ?Region $keepOuts,
        public Size $wall,
        public Box $focus,
        public int $clearance,
        public int $panes,
        public ?FromFront $front,
    ) {
    }
}
