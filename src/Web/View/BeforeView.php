<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;

/** Art before it was mended, in the frame of its layers, mm. */
final readonly class BeforeView
{
    public function __construct(public string $path, public int $keeps, public int $counters, public int $corners)
    {
    }

    public static function from(Region $before): self
    {
        return new self(SvgPath::write($before), \count($before->polygons), $before->holes(), $before->corners());
    }
}
