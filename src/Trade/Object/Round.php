<?php

declare(strict_types=1);

namespace Yelbo\Trade\Object;

use Yelbo\Trade\Geometry\Region;

/** A surface that is laid flat to be measured and drawn, and looks different on the object. */
interface Round extends Surface
{
    /** The same on a wall that closes: what reaches over the join at one end is there at the other end too. */
    public function overJoin(Region $flat): Region;

    /** The object's outline seen square from the front, µm, its own frame. */
    public function front(): Region;

    /**
     * What is seen from the front of something laid flat; what lies beyond the edge is left out.
     *
     * @param Region $flat in the frame of `outline()`
     */
    public function seen(Region $flat): Region;
}
