<?php

declare(strict_types=1);

namespace Yelbo\Trade\Trace;

use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\Winding;

/** An outline without the steps of the pixels it was read from. */
final class Smoothing
{
    /** Pixels: smoothing reaches so far along the outline, and corners may be left out within so much. */
    private const SMOOTH = 3;
    private const SIMPLE = 0.35;
    private const UNITS = 1000;

    private function __construct()
    {
    }

    /**
     * Each point the mean of those near it along the outline, then without corners that say nothing.
     *
     * @param list<array{float, float}> $ring
     */
    public static function smooth(array $ring): Region
    {
        $count = \count($ring);
        $smooth = [];
        for ($i = 0; $i < $count; ++$i) {
            $x = $y = $weight = 0.0;
            for ($j = -self::SMOOTH; $j <= self::SMOOTH; ++$j) {
                [$px, $py] = $ring[($i + $j + $count) % $count];
                $w = 1 + self::SMOOTH - abs($j);
                $x += $w * $px;
                $y += $w * $py;
                $weight += $w;
            }
            $smooth[] = [(int) round((self::UNITS * $x) / $weight), (int) round((self::UNITS * $y) / $weight)];
        }
        $region = Geos::simplified(Winding::region([$smooth]), (int) (self::SIMPLE * self::UNITS));
        $pieces = $region->pieces();
        usort($pieces, static fn (Region $a, Region $b): int => $b->area() <=> $a->area());

        return new Region([[$pieces[0]->polygons[0][0]]]);
    }
}
