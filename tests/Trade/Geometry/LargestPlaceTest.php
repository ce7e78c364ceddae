<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Geometry;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Tests\Trade\Lettering\Lettering;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\OutlineArea;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;

final class LargestPlaceTest extends TestCase
{
    private static function circle(int $x, int $y, int $radius): Region
    {
        return ConvexArea::ellipse($x, $y, $radius, $radius)->region();
    }

    /** @return iterable<string, array{Region, Region, float}> room, shape, the scale geometry says */
    public static function known(): iterable
    {
        $square = Box::sized(10_000, 10_000)->region();
        yield 'a square in a box' => [Box::sized(90_000, 60_000)->region(), $square, 6.0];
        yield 'a square in an L: the corner is no help' => [SvgPath::read('M0 0H100V40H40V100H0Z'), $square, 4.0];
        yield 'a long strip in an L' => [
            SvgPath::read('M0 0H100V40H40V100H0Z'),
            Box::sized(50_000, 10_000)->region(),
            2.0,
        ];
        yield 'a square beside a hole' => [
            Geos::difference(Box::sized(100_000, 40_000)->region(), self::circle(50_000, 20_000, 10_000)),
            $square,
            4.0,
        ];
        // Between a hole's rim and the far wall of a narrow room: w = 30 − √(8² − (s/2 − 6)²) does not bind, the wall
        // beside it does.
        yield 'a circle in a ring' => [
            Geos::difference(self::circle(50_000, 50_000, 50_000), self::circle(50_000, 50_000, 20_000)),
            self::circle(0, 0, 10_000),
            1.5,
        ];
        yield 'a square in the notch of a star' => [
            SvgPath::read('M0 0L50 20L100 0V50H0Z'),
            Box::sized(10_000, 1000)->region(),
            10.0,
        ];
    }

    #[DataProvider('known')]
    public function testFindsWhatGeometrySays(Region $room, Region $shape, float $scale): void
    {
        $largest = (new OutlineArea($room))->largest($shape);
        self::assertEqualsWithDelta($scale, $largest->scale(), $scale * 0.002);
    }

    public function testAgreesWithTheExactProgrammeInConvexRooms(): void
    {
        $word = Lettering::typesetter()->top(Lettering::words('pacifico', 'Marigold'), 20_000);
        foreach (
            [ConvexArea::box(Box::sized(120_000, 40_000)), ConvexArea::ellipse(60_000, 40_000, 60_000, 40_000)] as $area
        ) {
            self::assertEqualsWithDelta(
                $area->largest($word)->scale(),
                (new OutlineArea($area->region()))->largest($word)->scale(),
                0.002,
            );
        }
    }

    /** Where it says a shape goes it fits, and half a per cent more fits nowhere near. */
    public function testItsPlaceHoldsAndIsTheLargestThere(): void
    {
        mt_srand(97);
        $word = Lettering::typesetter()->top(Lettering::words('oswald', 'Teal'), 20_000);
        $box = $word->box();
        for ($i = 0; $i < 6; ++$i) {
            $holes = [];
            for ($h = 0; $h < 3; ++$h) {
                $holes[] = self::circle(mt_rand(15_000, 105_000), mt_rand(5000, 75_000), mt_rand(2000, 12_000));
            }
            $room = Geos::difference(Box::sized(120_000, 80_000)->region(), Geos::union($holes));
            $largest = (new OutlineArea($room))->largest($word);
            $scale = $largest->scale();
            $middle = $largest->middle($scale, [60_000.0, 40_000.0]);
            self::assertNotNull($middle);
            $put = static fn (float $s, float $x, float $y): Region => $word->put(
                $s,
                $x - ($s * ($box->left + $box->right)) / 2,
                $y - ($s * ($box->top + $box->bottom)) / 2,
            );
            self::assertTrue(Geos::covers(Geos::grow($room, 2), $put($scale, ...$middle)));
            for ($angle = 0; $angle < 360; $angle += 45) {
                $by = 0.002 * 120_000;
                self::assertFalse(
                    Geos::covers(
                        $room,
                        $put(
                            1.005 * $scale,
                            $middle[0] + $by * cos(deg2rad($angle)),
                            $middle[1] + $by * sin(deg2rad($angle)),
                        ),
                    ),
                );
            }
        }
    }

    public function testAShapeMayGoRoundAHole(): void
    {
        $room = Geos::difference(Box::sized(100_000, 100_000)->region(), self::circle(50_000, 50_000, 10_000));
        $ring = Geos::difference(self::circle(0, 0, 10_000), self::circle(0, 0, 7000));
        self::assertEqualsWithDelta(5.0, (new OutlineArea($room))->largest($ring)->scale(), 0.02);
    }

    public function testNearestToWhatIsWanted(): void
    {
        $largest = (new OutlineArea(SvgPath::read('M0 0H100V40H40V100H0Z')))->largest(
            Box::sized(10_000, 10_000)->region(),
        );
        self::assertSame([20_000.0, 20_000.0], $largest->middle(1.0, [20_000.0, 20_000.0]));
        $put = $largest->middle(1.0, [80_000.0, 80_000.0]);
        self::assertNotNull($put);
        self::assertTrue($put[0] <= 35_100 || $put[1] <= 35_100, 'in one of the arms');
        self::assertNull($largest->middle(4.2, [20_000.0, 20_000.0]));
        self::assertSame(0.0, (new OutlineArea(Region::none()))->largest(Box::sized(10, 10)->region())->scale());
    }
}
