<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Object\Surface;

/** A roster drawn, to be looked at. Lengths in µm. */
final readonly class DrawnSet
{
    /**
     * @param int                                                $capHeight the least letter height
     * @param int                                                $highest   the largest, where each has its own
     * @param int                                                $deciding the member that allows least, by its place
     * @param list<DrawnMember>                                  $members
     * @param list<array{later: int, earlier: int, says: string}> $alike           names that are the same or nearly
     * @param Region                                             $safe            in the object's frame
     * @param int                                                $suggestedOffset how wide a rim would be
     */
    public function __construct(
        public int $capHeight,
        public int $highest,
        public int $deciding,
        public array $members,
        public array $alike,
        public Design $design,
        public Surface $surface,
        public Region $safe,
        public int $suggestedOffset,
    ) {
    }
}
