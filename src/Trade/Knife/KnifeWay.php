<?php

declare(strict_types=1);

namespace Yelbo\Trade\Knife;

use Yelbo\Trade\Geometry\Region;

/**
 * The order in which the knife takes the outlines: everything inside an outline before the
 * outline itself, so that nothing moves once it is free, and each time the nearest next.
 * Source: handbook section 8.
 */
final class KnifeWay
{
    private function __construct()
    {
    }

    /**
     * @param list<array{Region, string}> $layers film to keep, in the sheet's frame, and the name of its film
     *
     * @return list<Contour>
     */
    public static function through(array $layers): array
    {
        $contours = [];
        foreach ($layers as [$region, $film]) {
            foreach ($region->polygons as $polygon) {
                foreach ($polygon as $nth => $ring) {
                    $contours[] = new Contour($ring, $nth > 0, $film);
                }
            }
        }

        return self::nearestFirst($contours, self::holders($contours));
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
     * How many contours still to be cut lie inside each, and which contours hold each.
     *
     * @param list<Contour> $contours
     *
     * @return array{list<int>, list<list<int>>}
     */
    private static function holders(array $contours): array
    {
        $boxes = array_map(static fn (Contour $contour) => (new Region([[$contour->points]]))->box(), $contours);
        $inside = array_fill(0, \count($contours), 0);
        $holders = array_fill(0, \count($contours), []);
        foreach ($contours as $i => $contour) {
            foreach ($contours as $j => $outer) {
                if ($i !== $j && $boxes[$j]->holds($boxes[$i]) && $boxes[$i] != $boxes[$j]
                    && self::isIn($contour->points[0], $outer->points)) {
                    $holders[$i][] = $j;
                    ++$inside[$j];
                }
            }
        }

        return [array_values($inside), array_values($holders)];
    }

    /**
     * @param list<Contour>                      $contours
     * @param array{list<int>, list<list<int>>} $nesting
     *
     * @return list<Contour>
     */
    private static function nearestFirst(array $contours, array $nesting): array
    {
        [$waitsFor, $holders] = $nesting;
        $waiting = $contours;
        $at = [0, 0];
        $way = [];
        while ([] !== $waiting) {
            $best = null;
            $least = \INF;
            foreach ($waiting as $nth => $contour) {
                if ($waitsFor[$nth] > 0) {
                    continue;
                }
                foreach ($contour->points as $corner => [$x, $y]) {
                    $far = ($x - $at[0]) ** 2 + ($y - $at[1]) ** 2;
                    if ($far < $least) {
                        $least = $far;
                        $best = [$nth, $corner];
                    }
                }
            }
            if (null === $best) {
                throw new \LogicException('Two outlines hold each other.');
            }
            $way[] = $waiting[$best[0]]->from($best[1]);
            $at = $waiting[$best[0]]->points[$best[1]];
            foreach ($holders[$best[0]] as $holder) {
                --$waitsFor[$holder];
            }
            unset($waiting[$best[0]]);
        }

        return $way;
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
            if (($py > $point[1]) !== ($qy > $point[1]) && $point[0] < ($qx - $px) * ($point[1] - $py) / ($qy - $py) + $px) {
                $inside = !$inside;
            }
            [$px, $py] = [$qx, $qy];
        }

        return $inside;
    }
}
