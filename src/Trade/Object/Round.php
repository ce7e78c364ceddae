<?php

declare(strict_types=1);

namespace Yelbo\Trade\Object;

use Yelbo\Trade\Geometry\Region;

/** A surface that is laid flat to be measured and drawn, and looks different on the object. */
interface Round extends Surface
{
    /** A region on a wall that closes: what reaches over the join at one end is there at the other end too. */
    public function overJoin(Region $flat): Region;

    /** The object's outline seen square from the front, µm, its own frame. */
    public function front(): Region;

    /**
     * Where the ends of its upper and its lower edge are seen, or the corners of the box round it.
     *
     * @return array{array{float, float}, array{float, float}, array{float, float}, array{float, float}} µm in the frame
     *         of `front()`: top left, top right, bottom right, bottom left
     */
    public function frontCorners(): array;

    /**
     * What is seen from the front of something laid flat; what lies beyond the edge is left out.
     *
     * @param Region $flat in the frame of `outline()`
     */
    public function seen(Region $flat): Region;

    /**
     * Where a place of the wall laid flat is seen from the front.
     *
     * @return array{float, float}|null µm in the frame of `front()`; none where it is not seen
     */
    public function seenAt(float $x, float $y): ?array;
}
