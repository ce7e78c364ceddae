<?php

declare(strict_types=1);

namespace Yelbo\Trade\Object;

use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Measure\Size;

/** A surface that lies flat as it is measured. */
trait FlatSurface
{
    public function wall(): Size
    {
        return $this->size();
    }

    public function laid(Region $measured): Region
    {
        return $measured;
    }
}
