<?php

declare(strict_types=1);

namespace Yelbo\Trade\Object;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Refused;

/** A flat rectangle, its corners round by a radius or square. Source: handbook section 3. */
final readonly class Rectangle implements Surface
{
    use FlatConvex;

    public function __construct(private Size $size, private Length $corner)
    {
        if ($corner->micrometres < 0 || 2 * $corner->micrometres > $size->shorter()->micrometres) {
            throw new Refused(
                'absurd-corner',
                'A corner radius is at most half the shorter side: '.
                    $size->shorter()->times(0.5)->inMetric().
                    ' mm here.',
                '/corner',
            );
        }
    }

    private function area(): ConvexArea
    {
        return ConvexArea::rounded(
            Box::sized($this->size->width->micrometres, $this->size->height->micrometres),
            $this->corner->micrometres,
        );
    }
}
