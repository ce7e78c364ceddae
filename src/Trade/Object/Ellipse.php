<?php

declare(strict_types=1);

namespace Yelbo\Trade\Object;

use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * A disc or an oval. What looks round on a wall is often oval, so both ways are measured. Source: handbook section 3.
 */
final readonly class Ellipse implements Surface
{
    use FlatConvex;

    public function __construct(private Size $size)
    {
    }

    public function clearance(Rules $rules): int
    {
        return Clearance::share($this->size, Rule::DiscClearance, $rules);
    }

    private function area(): ConvexArea
    {
        $rx = $this->size->width->micrometres / 2;
        $ry = $this->size->height->micrometres / 2;

        return ConvexArea::ellipse($rx, $ry, $rx, $ry);
    }
}
