<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Object\Surface;

/** A roster drawn at one letter height. Lengths in µm. */
final readonly class DrawnSet
{
    /**
     * @param int                                                $deciding the member that allows least, by its place
     * @param list<DrawnMember>                                  $members
     * @param list<array{later: int, earlier: int, says: string}> $alike           names that are the same or nearly
     * @param Region                                             $safe            in the object's frame
     * @param int                                                $suggestedOffset how wide a rim would be
     */
    public function __construct(
        public int $capHeight,
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
