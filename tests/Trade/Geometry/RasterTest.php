<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Geometry;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Raster;
use Yelbo\Trade\Geometry\Region;

final class RasterTest extends TestCase
{
    /** @return list<array{int, int}> row and column of every place */
    private function places(Region $room, Region $shape, float $cell): array
    {
        $grid = Raster::whole($room, $cell);
        $found = [];
        foreach ($grid->places($grid->taken(), Raster::touched($shape, 1.0, $cell)) as $row => $line) {
            for ($column = 0; $column < \strlen($line); ++$column) {
                if ('0' === $line[$column]) {
                    $found[] = [$row, $column];
                }
            }
        }

        return $found;
    }

    public function testABoxHasEveryPlaceInABoxAndNoOther(): void
    {
        $places = $this->places(Box::sized(10_000, 6000)->region(), Box::sized(7000, 5000)->region(), 1000);
        self::assertSame([[0, 0], [0, 1], [0, 2], [0, 3], [1, 0], [1, 1], [1, 2], [1, 3]], $places);
    }

    public function testAShapeOfTheRoomsOwnSizeHasOnePlace(): void
    {
        self::assertSame(
            [[0, 0]],
            $this->places(Box::sized(10_000, 6000)->region(), Box::sized(10_000, 6000)->region(), 500),
        );
        self::assertSame(
            [],
            $this->places(Box::sized(10_000, 6000)->region(), Box::sized(10_001, 6000)->region(), 500),
        );
    }

    /** Every place the grid gives is a true one, whatever the outlines. */
    public function testPlacesAreOnTheSafeSide(): void
    {
        mt_srand(411);
        $holes = [];
        for ($i = 0; $i < 4; ++$i) {
            $holes[] = ConvexArea::ellipse(
                mt_rand(10_000, 90_000),
                mt_rand(10_000, 50_000),
                mt_rand(2000, 9000),
                mt_rand(2000, 9000),
            )->region();
        }
        $room = Geos::difference(Box::sized(100_000, 60_000)->region(), Geos::union($holes));
        $shape = Geos::union([Box::sized(22_000, 4000)->region(), (new Box(8000, 0, 12_000, 17_000))->region()]);
        $cell = 1300.0;
        $places = $this->places($room, $shape, $cell);
        self::assertGreaterThan(50, \count($places));
        foreach ($places as $nth => [$row, $column]) {
            if (0 === $nth % 7) {
                self::assertTrue(
                    Geos::covers($room, $shape->moved((int) round($column * $cell), (int) round($row * $cell))),
                    "row $row, column $column",
                );
            }
        }
    }

    /** What no cell of the room gives is what an exact check refuses too, but for a cell's width. */
    public function testFewPlacesAreMissed(): void
    {
        $room = ConvexArea::ellipse(50_000, 50_000, 50_000, 50_000)->region();
        $shape = Box::sized(40_000, 20_000)->region();
        $cell = 1000.0;
        $smaller = (new Box(0, 0, 37_500, 17_500))->region();
        $given = [];
        foreach ($this->places($room, $smaller, $cell) as [$row, $column]) {
            $given["$row/$column"] = true;
        }
        $missed = 0;
        for ($row = 0; $row < 80; $row += 3) {
            for ($column = 0; $column < 60; $column += 3) {
                if (
                    Geos::covers($room, $shape->moved((int) ($column * $cell), (int) ($row * $cell)))
                    && !isset($given["$row/$column"])
                ) {
                    ++$missed;
                }
            }
        }
        self::assertSame(0, $missed);
    }
}
