<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/** The largest size at which a shape fits a room, and where it then goes. */
interface Largest
{
    /** As a factor on the shape as it was given; 0 where the room holds it at no size. */
    public function scale(): float;

    /**
     * Where the middle of the shape's box goes at a scale: as near to the place wanted as
     * there is room.
     *
     * @param array{float, float} $wanted µm
     *
     * @return array{float, float}|null nothing where it does not fit
     */
    public function middle(float $scale, array $wanted): ?array;
}
