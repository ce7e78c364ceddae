<?php

declare(strict_types=1);

namespace Yelbo\Trade\Object;

use Yelbo\Trade\Geometry\Region;

/** The wall of a round thing that closes, so that words can go all round it: a cylinder's, a taper's. */
interface Wall extends Round
{
    /** May art go all round it? Else it is kept to what is seen from the front. */
    public function isWrapped(): bool;

    /**
     * How far it is round it, µm.
     *
     * @param float $down µm down the wall from its upper edge
     */
    public function around(float $down): float;

    /** What is laid flat, laid straight: along the wall, and down from its upper edge. µm */
    public function straight(Region $flat): Region;
}
