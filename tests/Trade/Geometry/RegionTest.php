<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Geometry;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Inscribed;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Geometry\Winding;

final class RegionTest extends TestCase
{
    private function square(int $millimetres): Region
    {
        return Box::sized($millimetres * 1000, $millimetres * 1000)->region();
    }

    public function testMeasures(): void
    {
        $ring = Geos::difference($this->square(20), $this->square(10)->moved(5000, 5000));
        self::assertSame(300.0, $ring->area());
        self::assertSame(120.0, $ring->outlineLength());
        self::assertSame(1, $ring->holes());
        self::assertCount(1, $ring->pieces());
        self::assertSame(20_000, $ring->box()->width());
    }

    public function testTurnsClockwiseOnScreen(): void
    {
        $bar = Box::sized(30_000, 10_000)->region();
        $turned = $bar->turned(90);
        self::assertSame(
            [-10_000, 0, 0, 30_000],
            [$turned->box()->left, $turned->box()->top, $turned->box()->right, $turned->box()->bottom],
        );
        self::assertEquals($bar->box(), $bar->turned(-360)->box());
        self::assertEqualsWithDelta($bar->area(), $bar->turned(37.5)->area(), 0.01);
    }

    public function testHolesRunTheOtherWayRoundThanOutlines(): void
    {
        $ring = Geos::difference($this->square(20), $this->square(10)->moved(5000, 5000));
        [$outer, $hole] = $ring->rings();
        self::assertGreaterThan(0, Region::signedArea($outer));
        self::assertLessThan(0, Region::signedArea($hole));
    }

    public function testNonZeroWindingFillsOverlapsAndLeavesCounters(): void
    {
        $one = [[0, 0], [10_000, 0], [10_000, 10_000], [0, 10_000]];
        $overlapping = array_map(static fn (array $point): array => [$point[0] + 5000, $point[1]], $one);
        self::assertEqualsWithDelta(150.0, Winding::region([$one, $overlapping])->area(), 1e-6);
        $counter = array_reverse([[2000, 2000], [8000, 2000], [8000, 8000], [2000, 8000]]);
        $letter = Winding::region([$one, $counter]);
        self::assertSame(1, $letter->holes());
        self::assertEqualsWithDelta(64.0, $letter->area(), 1e-6);
    }

    public function testABowTieKeepsBothWings(): void
    {
        $bow = Winding::region([[[0, 0], [10_000, 10_000], [10_000, 0], [0, 10_000]]]);
        self::assertEqualsWithDelta(50.0, $bow->area(), 0.01);
    }

    public function testGrowsEvenly(): void
    {
        $grown = Geos::grow($this->square(10), 2000);
        self::assertEqualsWithDelta(100 + 4 * 20 + \M_PI * 4, $grown->area(), 0.05);
        self::assertEqualsWithDelta(36.0, Geos::grow($this->square(10), -2000)->area(), 1e-6);
        self::assertTrue(Geos::grow($this->square(10), -6000)->isEmpty());
    }

    public function testFindsTheLargestCircle(): void
    {
        self::assertEqualsWithDelta(10.0, Inscribed::in($this->square(10))->across(), 0.01);
        $triangle = Winding::region([[[0, 0], [30_000, 0], [0, 40_000]]]);
        self::assertEqualsWithDelta(
            20.0,
            Inscribed::in($triangle)->across(),
            0.02,
            'a 3-4-5 triangle holds a circle of radius 1',
        );
        $frame = Geos::difference($this->square(20), $this->square(10)->moved(5000, 5000));
        self::assertEqualsWithDelta((2 * 5 * \M_SQRT2) / (1 + \M_SQRT2), Inscribed::in($frame)->across(), 0.02);
    }

    public function testPathsComeBackIdentical(): void
    {
        $ring = Geos::difference($this->square(20), Geos::grow($this->square(6)->moved(7000, 7000), 1234));
        $path = SvgPath::write($ring);
        self::assertSame($path, SvgPath::write(SvgPath::read($path)));
        self::assertMatchesRegularExpression('~^[MLZ\d. -]+$~', $path);
    }
}
