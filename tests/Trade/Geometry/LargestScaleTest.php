<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Geometry;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Geometry\Hull;
use Yelbo\Trade\Geometry\LargestScale;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\Winding;

final class LargestScaleTest extends TestCase
{
    private function circle(int $radius): ConvexArea
    {
        return ConvexArea::ellipse($radius, $radius, $radius, $radius);
    }

    public function testASquareInADisc(): void
    {
        $scale = new LargestScale($this->circle(100_000), Hull::ofRegion(Box::sized(10_000, 10_000)->region()));
        self::assertEqualsWithDelta(200_000 / \M_SQRT2 / 10_000, $scale->scale(), 0.001);
        self::assertEqualsWithDelta(100_000, $scale->middle($scale->scale(), [0, 0])[0] ?? 0, 20);
    }

    public function testATriangleInADiscMovesOffTheMiddle(): void
    {
        $triangle = Winding::region([[[0, 10_000], [11_547, 10_000], [5773, 0]]]);
        $scale = new LargestScale($this->circle(100_000), Hull::ofRegion($triangle));
        self::assertEqualsWithDelta(
            (100_000 * sqrt(3)) / 11_547,
            $scale->scale(),
            0.01,
            'the circumscribed circle of an even triangle',
        );
        $middle = $scale->middle($scale->scale(), [100_000, 100_000]) ?? [0, 0];
        self::assertEqualsWithDelta(100_000 - 100_000 + 75_000, $middle[1], 200, 'its box lies above the middle');
    }

    public function testAWideShapeInABoxStaysInTheMiddleOfTheFreeWay(): void
    {
        $scale = new LargestScale(
            ConvexArea::box(Box::sized(100_000, 60_000)),
            Hull::ofRegion(Box::sized(50_000, 10_000)->region()),
        );
        self::assertEqualsWithDelta(2.0, $scale->scale(), 1e-6);
        $middle = $scale->middle($scale->scale(), [50_000, 30_000]) ?? [0, 0];
        self::assertEqualsWithDelta(30_000, $middle[1], 1);
        self::assertNull($scale->middle(2.1, [50_000, 30_000]), 'larger does not fit anywhere');
    }

    public function testWantedPlacesAreTakenAsFarAsThereIsRoom(): void
    {
        $scale = new LargestScale(
            ConvexArea::box(Box::sized(100_000, 60_000)),
            Hull::ofRegion(Box::sized(50_000, 10_000)->region()),
        );
        $middle = $scale->middle(1.0, [0, 30_000]) ?? [0, 0];
        self::assertEqualsWithDelta(25_000, $middle[0], 1);
    }

    public function testNoRoomIsScaleZero(): void
    {
        $none = ConvexArea::box(Box::sized(10_000, 10_000))->inset(6000);
        self::assertTrue($none->region()->isEmpty());
    }

    /** Whatever the points and the area, the answer lies inside and nothing larger does. */
    public function testRandomShapesFitAndAreMaximal(): void
    {
        mt_srand(41);
        for ($round = 0; $round < 24; ++$round) {
            $points = [];
            for ($i = 0; $i < 12; ++$i) {
                $points[] = [mt_rand(0, 40_000), mt_rand(0, 15_000)];
            }
            $hull = Hull::ofRegion(new Region([[$points]]));
            $area = match ($round % 3) {
                0 => ConvexArea::ellipse(60_000, 40_000, 60_000, 40_000)->inset(mt_rand(0, 15_000)),
                1 => ConvexArea::rounded(Box::sized(90_000, 50_000), mt_rand(1000, 25_000))->inset(mt_rand(0, 9000)),
                default => ConvexArea::box(Box::sized(90_000, 50_000))->and(
                    ConvexArea::ellipse(45_000, 25_000, 50_000, 30_000),
                ),
            };
            $scale = new LargestScale($area, $hull);
            $best = $scale->scale();
            $middle = $scale->middle($best, [45_000, 25_000]);
            self::assertNotNull($middle);
            [$cx, $cy] = $hull->middle();
            foreach ($hull->corners as [$x, $y]) {
                self::assertGreaterThan(
                    -2,
                    $area->depth($middle[0] + $best * ($x - $cx), $middle[1] + $best * ($y - $cy)),
                    "round $round",
                );
            }
            self::assertNull($scale->middle($best * 1.005, [45_000, 25_000]), "round $round");
            self::assertTrue(
                $this->nothingFits($area, $hull, $best * 1.005),
                "round $round: a search by hand finds no place either",
            );
        }
    }

    private function nothingFits(ConvexArea $area, Hull $hull, float $scale): bool
    {
        [$cx, $cy] = $hull->middle();
        for ($mx = 0; $mx <= 120_000; $mx += 2500) {
            for ($my = 0; $my <= 80_000; $my += 2500) {
                $fits = true;
                foreach ($hull->corners as [$x, $y]) {
                    if ($area->depth($mx + $scale * ($x - $cx), $my + $scale * ($y - $cy)) < 0) {
                        $fits = false;
                        break;
                    }
                }
                if ($fits) {
                    return false;
                }
            }
        }

        return true;
    }
}
