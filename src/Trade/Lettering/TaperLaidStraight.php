<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Hull;
use Yelbo\Trade\Geometry\OutlineArea;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\Room;
use Yelbo\Trade\Object\Taper;

/** The room on a taper laid straight, where bent art is plain art. Source: handbook section 3. */
final class TaperLaidStraight
{
    /** µm */
    private const STRAIGHT = 3;
    /** Of a region's area: a hull this near is the region itself. */
    private const CONVEX = 1e-4;

    private function __construct()
    {
    }

    /** The safe area laid straight. */
    public static function straight(Taper $taper, Region $safe): ?Room
    {
        if ($safe->isEmpty()) {
            return null;
        }
        // Corners rounded to the grid would tilt the straight sides by a hair and pin the art to one height.
        $region = Geos::simplified($safe->bent($taper->straightened(...)), self::STRAIGHT);
        $corners = self::clockwise(Hull::ofRegion($region)->corners);
        if (0 === $region->holes() && abs(Region::signedArea($corners)) / 1e6 < $region->area() * (1 + self::CONVEX)) {
            return ConvexArea::polygon($corners)->inset(self::STRAIGHT);
        }

        return (new OutlineArea($region))->inset(self::STRAIGHT);
    }

    /** What of a room lies so high about a height. */
    public static function band(ConvexArea $room, float $y, float $height): ConvexArea
    {
        $box = $room->region()->box();
        $half = (int) ceil($height / 2) + self::STRAIGHT;
        $band = Geos::intersection(
            $room->region(),
            (new Box($box->left, (int) $y - $half, $box->right, (int) $y + $half))->region(),
        );

        return $band->isEmpty() ? $room : ConvexArea::polygon(self::clockwise(Hull::ofRegion($band)->corners));
    }

    /**
     * @param list<array{int, int}> $corners
     *
     * @return list<array{int, int}>
     */
    private static function clockwise(array $corners): array
    {
        return Region::signedArea($corners) > 0 ? $corners : array_reverse($corners);
    }
}
