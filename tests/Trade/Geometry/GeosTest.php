<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Geometry;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;

final class GeosTest extends TestCase
{
    private function box(int $left, int $top, int $right, int $bottom): Region
    {
        return (new Box(1000 * $left, 1000 * $top, 1000 * $right, 1000 * $bottom))->region();
    }

    public function testBooleans(): void
    {
        $a = $this->box(0, 0, 10, 10);
        $b = $this->box(5, 5, 15, 15);
        self::assertSame(175.0, Geos::union([$a, $b])->area());
        self::assertSame(75.0, Geos::difference($a, $b)->area());
        self::assertSame(25.0, Geos::intersection($a, $b)->area());
        self::assertCount(2, Geos::union([$a, $this->box(20, 0, 30, 10)])->polygons);
        self::assertTrue(Geos::union([])->isEmpty());
        self::assertSame($a, Geos::difference($a, Region::none()));
        self::assertTrue(Geos::intersection($a, Region::none())->isEmpty());
        self::assertTrue(Geos::intersection($a, $this->box(20, 20, 30, 30))->isEmpty());
    }

    public function testCoversAndDistance(): void
    {
        $a = $this->box(0, 0, 10, 10);
        self::assertTrue(Geos::covers($a, $this->box(0, 0, 5, 5)), 'touching from inside is inside');
        self::assertFalse(Geos::covers($a, $this->box(5, 5, 11, 8)));
        self::assertTrue(Geos::covers($a, Region::none()));
        self::assertFalse(Geos::covers(Region::none(), $a));
        self::assertSame(5000.0, Geos::distance($a, $this->box(13, 14, 20, 20)));
    }

    public function testFacesOfCrossingLines(): void
    {
        $one = [[0, 0], [10_000, 0], [10_000, 10_000], [0, 10_000]];
        $other = [[5000, 5000], [15_000, 5000], [15_000, 15_000], [5000, 15_000]];
        $areas = array_map(static fn (Region $face): float => $face->area(), Geos::faces([$one, $other]));
        sort($areas);
        self::assertSame([25.0, 75.0, 75.0], $areas);
    }

    public function testClippingIsAnIntersectionWithABox(): void
    {
        $ring = Geos::difference($this->box(0, 0, 20, 20), $this->box(5, 5, 15, 15));
        $box = new Box(3000, 3000, 12_000, 17_000);
        self::assertEqualsWithDelta(
            Geos::intersection($ring, $box->region())->area(),
            Geos::clipped($ring, $box)->area(),
            1e-6,
        );
        self::assertTrue(Geos::clipped($ring, new Box(30_000, 0, 40_000, 10))->isEmpty());
    }

    public function testTidyingLeavesWhatIsRegularAlone(): void
    {
        $a = $this->box(0, 0, 10, 10);
        self::assertSame($a, Geos::tidy($a));
        $bow = new Region([[[[0, 0], [10_000, 10_000], [10_000, 0], [0, 10_000]]]]);
        self::assertNotSame($bow, Geos::tidy($bow));
        self::assertTrue(Geos::tidy(Region::none())->isEmpty());
    }

    /** Growing by a and then by b is growing by a + b; shrinking undoes growing of what has no notch. */
    public function testGrowingAddsUp(): void
    {
        $a = $this->box(0, 0, 30, 10);
        self::assertEqualsWithDelta(Geos::grow($a, 5000)->area(), Geos::grow(Geos::grow($a, 2000), 3000)->area(), 0.3);
        self::assertEqualsWithDelta($a->area(), Geos::grow(Geos::grow($a, 3000), -3000)->area(), 0.05);
        self::assertSame($a, Geos::grow($a, 0));
    }

    /**
     * What runs to and fro is shrunk by parts; it must come out as if in one go. Teeth as of a saw, and as of a comb.
     */
    public function testAnEdgeOfTeethIsShrunkExactly(): void
    {
        foreach ([[1500, 20_000], [800, 99_000], [60, 70_000]] as [$teeth, $depth]) {
            $saw = array_map(
                static fn (int $nth): array => [
                    (int) round((0 === $nth % 2 ? 100_000 : $depth) * cos(2 * \M_PI * $nth / $teeth)),
                    (int) round((0 === $nth % 2 ? 100_000 : $depth) * sin(2 * \M_PI * $nth / $teeth)),
                ],
                range(0, $teeth - 1),
            );
            $outline = new Region([[$saw]]);
            $shrunk = Geos::inset($outline, 6000);
            self::assertTrue(Geos::covers($outline, Geos::grow($shrunk, 5970)), "$teeth teeth");
            foreach (Geos::difference($outline, Geos::grow($shrunk, 6030))->polygons as $left) {
                // What does not come back is narrower than what was taken off.
                self::assertTrue(Geos::grow(new Region([$left]), -6030)->isEmpty(), "$teeth teeth");
            }
        }
    }

    public function testPointsInsideAreInside(): void
    {
        $ring = Geos::difference($this->box(0, 0, 20, 20), $this->box(1, 1, 19, 19));
        [$x, $y] = Geos::pointInside($ring);
        $spot = new Region([[[[(int) $x, (int) $y], [(int) $x + 10, (int) $y], [(int) $x, (int) $y + 10]]]]);
        self::assertFalse(Geos::intersection($ring, $spot)->isEmpty());
    }

    public function testBoxes(): void
    {
        $box = new Box(0, 0, 10, 20);
        self::assertEquals(new Box(-5, -5, 15, 25), $box->grown(5));
        self::assertTrue($box->overlaps(new Box(9, 19, 30, 30)));
        self::assertFalse($box->overlaps(new Box(10, 0, 30, 30)), 'touching is not overlapping');
        self::assertEquals(new Box(0, 0, 30, 30), $box->around(new Box(12, 1, 30, 30)));
        self::assertTrue($box->holds($box));
        $this->expectException(\LogicException::class);
        Region::none()->box();
    }
}
