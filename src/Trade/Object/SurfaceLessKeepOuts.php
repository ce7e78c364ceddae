<?php

declare(strict_types=1);

namespace Yelbo\Trade\Object;

use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\Room;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Rules;

/**
 * A surface with parts that have to stay free: seams, hinges, handles, holes. Source: handbook section 3, keep-outs.
 */
final readonly class SurfaceLessKeepOuts implements Surface
{
    /** In the surface's own frame, their margins included. */
    public Region $keepOuts;

    /**
     * @param Region    $keepOuts  in the surface's own frame, margins included; over the join of a wall that closes
     * @param Allowance $allowance how much room to the edge somebody likes
     */
    public function __construct(
        public Surface $surface,
        Region $keepOuts,
        private Allowance $allowance = Allowance::Usual,
    ) {
        $this->keepOuts = $surface instanceof Round ? $surface->overJoin($keepOuts) : $keepOuts;
    }

    /** Over all. */
    public function size(): Size
    {
        return $this->surface->size();
    }

    public function wall(): Size
    {
        return $this->surface->wall();
    }

    public function laid(Region $measured): Region
    {
        return $this->surface->laid($measured);
    }

    public function outline(): Region
    {
        return $this->surface->outline();
    }

    public function clearance(Rules $rules): int
    {
        return $this->allowance->of($this->surface, $rules);
    }

    /** @param int $clearance to the edge, µm */
    public function safe(int $clearance): Room
    {
        return $this->surface->safe($clearance)->without($this->keepOuts);
    }
}
