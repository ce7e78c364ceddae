<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;

/** Art before it was mended, in the frame of its layers, mm. */
final readonly class BeforeView
{
    /**
     * @param string $path the letters as they were, path data, mm
     * @param int $keeps how many pieces of film stay
     * @param int $counters how many insides have to be picked out
     * @param int $corners how many corners the outlines have
     */
    public function __construct(public string $path, public int $keeps, public int $counters, public int $corners)
    {
    }

    public static function from(Region $before): self
    {
        return new self(SvgPath::write($before), \count($before->polygons), $before->holes(), $before->corners());
    }
}
