<?php

declare(strict_types=1);

namespace Yelbo\Trade\Knife;

use Yelbo\Trade\Geometry\Region;

/**
 * The order in which the knife takes the outlines: everything inside an outline before the
 * outline itself, so that nothing moves once it is free, and with little way in the air.
 * Source: handbook section 8.
 */
final class KnifeWay
{
    private function __construct()
    {
    }

    /**
     * @param list<array{Region, string}> $layers film to keep, in the sheet's frame, and the name of its film
     * @param list<array{Region, string}> $boxes  weed boxes: cut like the others, after all that lies inside them
     *
     * @return list<Contour>
     */
    public static function through(array $layers, array $boxes = []): array
    {
        $contours = self::contours([...$layers, ...$boxes]);
        $tour = new Tour(
            array_map(static fn (Contour $contour): array => $contour->points, $contours),
            self::holders($contours),
        );
        $tour->improve();

        return array_map(
            static fn (array $next): Contour => $contours[$next[0]]->from(
                (int) array_search($next[1], $contours[$next[0]]->points, true),
            ),
            $tour->way(),
        );
    }

    /**
     * @param list<array{Region, string}> $layers
     *
     * @return list<Contour> in no order
     */
    public static function contours(array $layers): array
    {
        $contours = [];
        foreach ($layers as [$region, $film]) {
            foreach ($region->polygons as $polygon) {
                foreach ($polygon as $nth => $ring) {
                    $contours[] = new Contour($ring, $nth > 0, $film);
                }
            }
        }

        return $contours;
    }

    /**
     * How far the knife travels in the air, mm, from the sheet's origin.
     *
     * @param list<Contour> $way
     */
    public static function travel(array $way): float
    {
        $at = [0, 0];
        $sum = 0.0;
        foreach ($way as $contour) {
            $sum += hypot($contour->points[0][0] - $at[0], $contour->points[0][1] - $at[1]);
            $at = $contour->points[0];
        }

        return $sum / 1000;
    }

    /**
     * Which contours hold each.
     *
     * @param list<Contour> $contours
     *
     * @return list<list<int>>
     */
    public static function holders(array $contours): array
    {
        $boxes = array_map(static fn (Contour $contour) => (new Region([[$contour->points]]))->box(), $contours);
        $holders = array_fill(0, \count($contours), []);
        foreach ($contours as $i => $contour) {
            foreach ($contours as $j => $outer) {
                if (
                    $i !== $j
                    && $boxes[$j]->holds($boxes[$i])
                    && $boxes[$i] != $boxes[$j]
                    && self::isIn($contour->points[0], $outer->points)
                ) {
                    $holders[$i][] = $j;
                }
            }
        }

        return array_values($holders);
    }

    /**
     * @param array{int, int}       $point
     * @param list<array{int, int}> $ring
     */
    private static function isIn(array $point, array $ring): bool
    {
        $inside = false;
        [$px, $py] = $ring[\count($ring) - 1];
        foreach ($ring as [$qx, $qy]) {
            if (
                $py > $point[1] !== $qy > $point[1]
                && $point[0] < (($qx - $px) * ($point[1] - $py)) / ($qy - $py) + $px
            ) {
                $inside = !$inside;
            }
            [$px, $py] = [$qx, $qy];
        }

        return $inside;
    }
}
