<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Lettering\Words;

/** How words would fill a box of both sides. */
final readonly class BoxOffer
{
    /**
     * @param int $capHeight µm
     * @param Box $box       what they then take
     * @param int $across    what is left over of the width, µm
     * @param int $down      what is left over of the height, µm
     */
    public function __construct(
        public Words $words,
        public int $capHeight,
        public Box $box,
        public int $across,
        public int $down,
    ) {
    }
}
