<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Geometry;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Geometry\Hull;
use Yelbo\Trade\Geometry\Region;

final class ConvexAreaTest extends TestCase
{
    public function testABoxIsItsOwnRegion(): void
    {
        $box = new Box(1000, 2000, 11_000, 7000);
        self::assertEquals($box, ConvexArea::box($box)->region()->box());
        self::assertSame(50.0, ConvexArea::box($box)->region()->area());
    }

    public function testAnEllipseIsRoundToTwoMicrometres(): void
    {
        $region = ConvexArea::ellipse(50_000, 30_000, 50_000, 30_000)->region();
        foreach ($region->rings()[0] as [$x, $y]) {
            self::assertEqualsWithDelta(1, hypot(($x - 50_000) / 50_000, ($y - 30_000) / 30_000), 2e-4);
        }
    }

    public function testDepthIsTheWayToTheNearestSide(): void
    {
        $area = ConvexArea::box(Box::sized(100_000, 60_000));
        self::assertSame(30_000.0, $area->depth(50_000, 30_000));
        self::assertSame(-5000.0, $area->depth(-5000, 30_000));
        self::assertEqualsWithDelta(8000, ConvexArea::ellipse(0, 0, 10_000, 10_000)->depth(1200, 1600), 2);
    }

    public function testInsetsAreTrueAndVanish(): void
    {
        $area = ConvexArea::rounded(Box::sized(100_000, 60_000), 20_000);
        self::assertEqualsWithDelta(100 * 60 - (4 - \M_PI) * 400, $area->region()->area(), 0.3);
        self::assertEqualsWithDelta(80 * 40 - (4 - \M_PI) * 100, $area->inset(10_000)->region()->area(), 0.3);
        self::assertEqualsWithDelta(40 * 0.002, $area->inset(29_999)->region()->area(), 0.01);
        self::assertTrue($area->inset(30_001)->region()->isEmpty());
        self::assertTrue(ConvexArea::ellipse(0, 0, 10_000, 5000)->inset(5001)->region()->isEmpty());
    }

    public function testWhatTwoAreasShare(): void
    {
        $lens = ConvexArea::ellipse(0, 0, 10_000, 10_000)
            ->and(ConvexArea::ellipse(10_000, 0, 10_000, 10_000))
            ->region();
        self::assertEqualsWithDelta(((2 * \M_PI) / 3 - sqrt(3) / 2) * 100, $lens->area(), 0.05);
        $nothing = ConvexArea::box(Box::sized(1000, 1000))->and(ConvexArea::box(new Box(2000, 2000, 3000, 3000)));
        self::assertTrue($nothing->region()->isEmpty());
    }

    public function testAHullHoldsEveryPointAndReachesAsFar(): void
    {
        mt_srand(11);
        $points = array_map(static fn (): array => [mt_rand(0, 50_000), mt_rand(0, 30_000)], range(1, 80));
        $hull = Hull::ofRegion(new Region([[$points]]));
        $sides = ConvexArea::ellipse(0, 0, 40_000, 40_000)->sides;
        foreach ($hull->reaches($sides) as $nth => $reach) {
            $far = max(
                array_map(
                    static fn (array $point): float => $point[0] * $sides[$nth][0] + $point[1] * $sides[$nth][1],
                    $points,
                ),
            );
            self::assertEqualsWithDelta($far, $reach, 1e-6);
        }
        self::assertLessThan(\count($points), \count($hull->corners));
        foreach ($hull->corners as $corner) {
            self::assertContains($corner, $points);
        }
    }
}
