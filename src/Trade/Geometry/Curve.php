<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/**
 * Curves into straight pieces that stand off them by no more than a tolerance.
 *
 * Points are pairs of floats in any one unit; the tolerance is in the same unit. Each
 * function gives the points after the start, the end included.
 *
 * @phpstan-type Point array{float, float}
 */
final class Curve
{
    /** No curve in a letter needs more; keeps absurd input from eating the memory. */
    private const MOST_PIECES = 2000;

    private function __construct()
    {
    }

    /**
     * @param Point $a
     * @param Point $control
     * @param Point $b
     * @param float $tolerance how far the line may be from the curve, in the unit of its points
     *
     * @return list<Point>
     */
    public static function quadratic(array $a, array $control, array $b, float $tolerance): array
    {
        $bend = hypot($a[0] - 2 * $control[0] + $b[0], $a[1] - 2 * $control[1] + $b[1]);
        $pieces = self::pieces(sqrt($bend / (4 * $tolerance)));
        $points = [];
        for ($i = 1; $i < $pieces; ++$i) {
            $t = $i / $pieces;
            $u = 1 - $t;
            $points[] = [
                $u * $u * $a[0] + 2 * $u * $t * $control[0] + $t * $t * $b[0],
                $u * $u * $a[1] + 2 * $u * $t * $control[1] + $t * $t * $b[1],
            ];
        }
        $points[] = $b;

        return $points;
    }

    /**
     * @param Point $a
     * @param Point $c
     * @param Point $d
     * @param Point $b
     * @param float $tolerance how far the line may be from the curve, in the unit of its points
     *
     * @return list<Point>
     */
    public static function cubic(array $a, array $c, array $d, array $b, float $tolerance): array
    {
        $bend = max(
            hypot($a[0] - 2 * $c[0] + $d[0], $a[1] - 2 * $c[1] + $d[1]),
            hypot($c[0] - 2 * $d[0] + $b[0], $c[1] - 2 * $d[1] + $b[1]),
        );
        $pieces = self::pieces(sqrt((0.75 * $bend) / $tolerance));
        $points = [];
        for ($i = 1; $i < $pieces; ++$i) {
            $t = $i / $pieces;
            $u = 1 - $t;
            $points[] = [
                $u ** 3 * $a[0] + 3 * $u * $u * $t * $c[0] + 3 * $u * $t * $t * $d[0] + $t ** 3 * $b[0],
                $u ** 3 * $a[1] + 3 * $u * $u * $t * $c[1] + 3 * $u * $t * $t * $d[1] + $t ** 3 * $b[1],
            ];
        }
        $points[] = $b;

        return $points;
    }

    /**
     * The elliptical arc of SVG's `A`, by its endpoint form.
     *
     * @param Point $a
     * @param float $rx in the unit of the points
     * @param float $ry in the unit of the points
     * @param float $tilt degrees
     * @param Point $b
     * @param float $tolerance how far the line may be from the curve, in the unit of its points
     *
     * @return list<Point>
     */
    public static function arc(
        array $a,
        float $rx,
        float $ry,
        float $tilt,
        bool $large,
        bool $sweep,
        array $b,
        float $tolerance,
    ): array {
        $rx = abs($rx);
        $ry = abs($ry);
        if (0.0 === $rx || 0.0 === $ry || $a === $b) {
            return [$b];
        }
        $cos = cos(deg2rad($tilt));
        $sin = sin(deg2rad($tilt));
        $hx = ($a[0] - $b[0]) / 2;
        $hy = ($a[1] - $b[1]) / 2;
        $x = $cos * $hx + $sin * $hy;
        $y = -$sin * $hx + $cos * $hy;
        $stretch = sqrt(max(1.0, ($x / $rx) ** 2 + ($y / $ry) ** 2));
        $rx *= $stretch;
        $ry *= $stretch;
        $under = ($rx * $y) ** 2 + ($ry * $x) ** 2;
        // Radii or a way too small to tell from nothing.
        if (!($under > 0)) {
            return [$b];
        }
        $root = sqrt(max(0.0, ($rx * $ry) ** 2 - $under) / $under) * ($large === $sweep ? -1 : 1);
        $cx = ($root * $rx * $y) / $ry;
        $cy = (-$root * $ry * $x) / $rx;
        [$from, $by] = self::sweep([$x, $y], [$cx, $cy], $rx, $ry, $sweep);
        $mx = $cos * $cx - $sin * $cy + ($a[0] + $b[0]) / 2;
        $my = $sin * $cx + $cos * $cy + ($a[1] + $b[1]) / 2;
        $pieces = self::pieces(abs($by) / (2 * acos(max(-1.0, 1 - $tolerance / max($rx, $ry)))));
        $points = [];
        for ($i = 1; $i < $pieces; ++$i) {
            $t = $from + ($by * $i) / $pieces;
            $points[] = [
                $mx + $rx * cos($t) * $cos - $ry * sin($t) * $sin,
                $my + $rx * cos($t) * $sin + $ry * sin($t) * $cos,
            ];
        }
        $points[] = $b;

        return $points;
    }

    /**
     * @param array{float, float} $end    half the way from end to end, in the ellipse's own frame
     * @param array{float, float} $middle
     *
     * @return array{float, float} the angle it begins at, and how far it goes round; radians
     */
    private static function sweep(array $end, array $middle, float $rx, float $ry, bool $sweep): array
    {
        $from = atan2(($end[1] - $middle[1]) / $ry, ($end[0] - $middle[0]) / $rx);
        $by = atan2((-$end[1] - $middle[1]) / $ry, (-$end[0] - $middle[0]) / $rx) - $from;
        if ($sweep && $by < 0) {
            $by += 2 * \M_PI;
        } elseif (!$sweep && $by > 0) {
            $by -= 2 * \M_PI;
        }

        return [$from, $by];
    }

    private static function pieces(float $wanted): int
    {
        return is_finite($wanted) ? max(1, min(self::MOST_PIECES, (int) ceil($wanted))) : self::MOST_PIECES;
    }
}
