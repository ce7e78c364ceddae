<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Geometry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Curve;

final class CurveTest extends TestCase
{
    /** @return iterable<string, array{float}> */
    public static function tolerances(): iterable
    {
        foreach ([1.0, 0.1, 0.02, 0.004] as $tolerance) {
            yield "$tolerance mm" => [$tolerance];
        }
    }

    #[DataProvider('tolerances')]
    public function testAQuadraticStandsOffByNoMoreThanItsTolerance(float $tolerance): void
    {
        $a = [0.0, 0.0];
        $control = [40.0, 90.0];
        $b = [100.0, 10.0];
        $points = [$a, ...Curve::quadratic($a, $control, $b, $tolerance)];
        self::assertSame($b, $points[\count($points) - 1]);
        for ($t = 0.0; $t <= 1; $t += 0.001) {
            $u = 1 - $t;
            self::assertLessThan(
                $tolerance * 1.01,
                $this->off(
                    [
                        $u * $u * $a[0] + 2 * $u * $t * $control[0] + $t * $t * $b[0],
                        $u * $u * $a[1] + 2 * $u * $t * $control[1] + $t * $t * $b[1],
                    ],
                    $points,
                ),
            );
        }
    }

    #[DataProvider('tolerances')]
    public function testACubicStandsOffByNoMoreThanItsTolerance(float $tolerance): void
    {
        $p = [[0.0, 0.0], [80.0, 120.0], [-40.0, 90.0], [60.0, 0.0]];
        $points = [$p[0], ...Curve::cubic($p[0], $p[1], $p[2], $p[3], $tolerance)];
        for ($t = 0.0; $t <= 1; $t += 0.001) {
            $u = 1 - $t;
            self::assertLessThan(
                $tolerance * 1.01,
                $this->off(
                    [
                        $u ** 3 * $p[0][0] +
                        3 * $u * $u * $t * $p[1][0] +
                        3 * $u * $t * $t * $p[2][0] +
                        $t ** 3 * $p[3][0],
                        $u ** 3 * $p[0][1] +
                        3 * $u * $u * $t * $p[1][1] +
                        3 * $u * $t * $t * $p[2][1] +
                        $t ** 3 * $p[3][1],
                    ],
                    $points,
                ),
            );
        }
    }

    #[DataProvider('tolerances')]
    public function testAnArcStandsOffByNoMoreThanItsTolerance(float $tolerance): void
    {
        $points = [[50.0, 0.0], ...Curve::arc([50.0, 0.0], 50, 50, 0, true, true, [0.0, -50.0], $tolerance)];
        self::assertSame([0.0, -50.0], $points[\count($points) - 1]);
        foreach ($points as $nth => $point) {
            self::assertEqualsWithDelta(50.0, hypot(...$point), 1e-9, 'corners lie on the circle');
            if ($nth > 0) {
                $middle = [($point[0] + $points[$nth - 1][0]) / 2, ($point[1] + $points[$nth - 1][1]) / 2];
                self::assertGreaterThan(50 - $tolerance * 1.01, hypot(...$middle));
            }
        }
    }

    /** Large and sweep choose one of the four arcs between two points. */
    public function testTheFourArcs(): void
    {
        $across = static function (bool $large, bool $sweep): array {
            $points = Curve::arc([0.0, 0.0], 10, 10, 0, $large, $sweep, [10.0, 0.0], 0.01);
            $ys = array_column($points, 1);

            return [round(min([0.0, ...$ys]), 1), round(max([0.0, ...$ys]), 1)];
        };
        self::assertSame([-1.3, 0.0], $across(false, true));
        self::assertSame([0.0, 1.3], $across(false, false));
        self::assertSame([-18.7, 0.0], $across(true, true));
        self::assertSame([0.0, 18.7], $across(true, false));
    }

    public function testArcsThatAreNoneAreStraight(): void
    {
        self::assertSame([[5.0, 5.0]], Curve::arc([0.0, 0.0], 0, 10, 0, false, true, [5.0, 5.0], 0.01));
        self::assertSame([[5.0, 5.0]], Curve::arc([5.0, 5.0], 10, 10, 0, false, true, [5.0, 5.0], 0.01));
    }

    public function testAStraightCurveIsOnePiece(): void
    {
        self::assertCount(1, Curve::quadratic([0.0, 0.0], [5.0, 5.0], [10.0, 10.0], 0.01));
        self::assertLessThanOrEqual(
            2000,
            \count(Curve::quadratic([0.0, 0.0], [1e9, 1e9], [10.0, 10.0], 1e-6)),
            'absurd input stays bounded',
        );
    }

    /**
     * @param array{float, float}       $point
     * @param list<array{float, float}> $line
     */
    private function off(array $point, array $line): float
    {
        $least = \INF;
        for ($nth = 1; $nth < \count($line); ++$nth) {
            [$px, $py] = $line[$nth - 1];
            [$qx, $qy] = $line[$nth];
            $t = max(
                0,
                min(
                    1,
                    (($point[0] - $px) * ($qx - $px) + ($point[1] - $py) * ($qy - $py)) /
                        max(1e-12, ($qx - $px) ** 2 + ($qy - $py) ** 2),
                ),
            );
            $least = min($least, hypot($px + $t * ($qx - $px) - $point[0], $py + $t * ($qy - $py) - $point[1]));
        }

        return $least;
    }
}
