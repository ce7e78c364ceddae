<?php

declare(strict_types=1);

namespace Yelbo\Trade\Object;

use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\Room;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * A flat thing of some size without corners that turn inwards: its outline and what is safe on it come from one area.
 */
trait FlatConvex
{
    use FlatSurface;

    abstract private function area(): ConvexArea;

    public function size(): Size
    {
        return $this->size;
    }

    public function outline(): Region
    {
        return $this->area()->region();
    }

    public function clearance(Rules $rules): int
    {
        return Clearance::share($this->size, Rule::Clearance, $rules);
    }

    /** @param int $clearance to the edge, µm */
    public function safe(int $clearance): Room
    {
        return $this->area()->inset($clearance);
    }
}
