<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/** The convex hull of a region's corners: all that matters for fitting into a convex area. */
final readonly class Hull
{
    /** No corner is further from the origin, µm: two of them go into one number, which sorts many times as fast. */
    private const FURTHEST = 1 << 30;

    /** @param list<array{int, int}> $corners in order round, µm */
    private function __construct(public array $corners)
    {
    }

    /** By monotone chain: sort, then walk the lower and the upper side. */
    public static function ofRegion(Region $region): self
    {
        $points = array_merge(...array_map(static fn (array $polygon): array => $polygon[0], $region->polygons));
        [$left, $top, $right, $bottom] = self::within($points);
        $packed = [];
        foreach ($points as [$x, $y]) {
            if ($x <= $left || $x >= $right || $y <= $top || $y >= $bottom) {
                $packed[] = ($x + self::FURTHEST) << 32 | $y + self::FURTHEST;
            }
        }
        sort($packed);
        $points = array_map(
            static fn (int $point): array => [
                ($point >> 32) - self::FURTHEST,
                ($point & 0xFFFF_FFFF) - self::FURTHEST,
            ],
            $packed,
        );

        return new self([...self::side($points), ...self::side(array_reverse($points))]);
    }

    /**
     * A box whose inside holds no corner of the hull: the points nearest to the four corners of the box of all lie
     * round each of its corners, one in each quarter.
     *
     * @param list<array{int, int}> $points
     *
     * @return array{int, int, int, int} left, top, right, bottom, µm
     */
    private static function within(array $points): array
    {
        $upLeft = $upRight = $downLeft = $downRight = $points[0] ?? [0, 0];
        foreach ($points as $point) {
            [$x, $y] = $point;
            if ($x + $y < $upLeft[0] + $upLeft[1]) {
                $upLeft = $point;
            } elseif ($x + $y > $downRight[0] + $downRight[1]) {
                $downRight = $point;
            }
            if ($x - $y > $upRight[0] - $upRight[1]) {
                $upRight = $point;
            } elseif ($x - $y < $downLeft[0] - $downLeft[1]) {
                $downLeft = $point;
            }
        }

        return [
            max($upLeft[0], $downLeft[0]),
            max($upLeft[1], $upRight[1]),
            min($upRight[0], $downRight[0]),
            min($downLeft[1], $downRight[1]),
        ];
    }

    /**
     * The middle of its box.
     *
     * @return array{float, float} µm
     */
    public function middle(): array
    {
        $xs = array_column($this->corners, 0);
        $ys = array_column($this->corners, 1);
        if ([] === $xs || [] === $ys) {
            throw new \LogicException('An empty region has no hull.');
        }

        return [(min($xs) + max($xs)) / 2, (min($ys) + max($ys)) / 2];
    }

    /** Of its box, µm. */
    public function height(): float
    {
        $ys = array_column($this->corners, 1);

        return [] === $ys ? 0.0 : max($ys) - min($ys);
    }

    /**
     * How far the hull reaches in each direction: the largest x·nx + y·ny. Directions and
     * corners run round the same way, so one walk round answers all.
     *
     * @param list<array{float, float, float}> $sides directions sorted by angle
     *
     * @return list<float>
     */
    public function reaches(array $sides): array
    {
        $count = \count($this->corners);
        $at = 0;
        $reaches = [];
        foreach ($sides as $nth => [$nx, $ny]) {
            $reach = $this->corners[$at][0] * $nx + $this->corners[$at][1] * $ny;
            for ($tried = 0, $next = $at; $tried < $count; ++$tried) {
                $next = ($next + 1) % $count;
                $further = $this->corners[$next][0] * $nx + $this->corners[$next][1] * $ny;
                if ($further >= $reach) {
                    $reach = $further;
                    $at = $next;
                } elseif ($nth > 0) {
                    break;
                }
            }
            $reaches[] = $reach;
        }

        return $reaches;
    }

    /**
     * @param list<array{int, int}> $points
     *
     * @return list<array{int, int}>
     */
    private static function side(array $points): array
    {
        $side = [];
        foreach ($points as $point) {
            while (($n = \count($side)) >= 2
                && ($side[$n - 1][0] - $side[$n - 2][0]) * ($point[1] - $side[$n - 2][1])
                 - ($side[$n - 1][1] - $side[$n - 2][1]) * ($point[0] - $side[$n - 2][0]) <= 0) {
                array_pop($side);
            }
            $side[] = $point;
        }
        array_pop($side);

        return $side;
    }
}
