<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Sheet;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Yelbo\Tests\Trade\Lettering\Lettering;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Sheet\Cost;
use Yelbo\Trade\Sheet\NestPiece;
use Yelbo\Trade\Sheet\NestStock;
use Yelbo\Trade\Sheet\RasterShape;
use Yelbo\Trade\Sheet\SheetRaster;

/** The cells of a sheet: the place found at once is the one found by looking everywhere. */
final class SheetRasterTest extends TestCase
{
    private const CELL = 1000;
    private const GAP = 3000;

    private Randomizer $random;

    protected function setUp(): void
    {
        $this->random = new Randomizer(new Mt19937(31));
    }

    private function blob(int $most): Region
    {
        $points = [];
        for ($corner = 0; $corner < 6; ++$corner) {
            $angle = (2 * \M_PI * $corner) / 6;
            $radius = $this->random->getInt(2000, $most);
            $points[] = [(int) (50_000 + $radius * cos($angle)), (int) (50_000 + $radius * sin($angle))];
        }

        return SvgPath::read(SvgPath::write(new Region([[$points]])));
    }

    private function shape(Region $region): RasterShape
    {
        return RasterShape::all($region, [90 * $this->random->getInt(0, 3)], self::GAP, self::GAP, self::CELL)[0];
    }

    /** @return array{int, int}|null by looking at every place, one after the other */
    private static function slowly(SheetRaster $bed, RasterShape $shape, \GMP $taken): ?array
    {
        for ($row = 0; $row <= $bed->rows - $shape->rows; ++$row) {
            for ($column = 0; $column <= $bed->columns - $shape->columns; ++$column) {
                if (
                    0 ==
                    (($taken >> (($row + $bed->pad) * $bed->stride + $column + $bed->pad)) &
                        $shape->closed($bed->stride))
                ) {
                    return [$row, $column];
                }
            }
        }

        return null;
    }

    private function bed(NestStock $stock): SheetRaster
    {
        return SheetRaster::fromStock($stock, 2000, self::CELL, RasterShape::margin(self::GAP, self::CELL)) ??
            throw new \LogicException('There is room.');
    }

    public function testTheFirstFreePlaceIsTheOneFoundByLookingEverywhere(): void
    {
        foreach (
            [
                NestStock::sheet('s', 90_000, 120_000),
                new NestStock('odd', SvgPath::read('M0 0H90V40H60V110H0ZM15 15V30H30V15Z')),
            ] as $stock
        ) {
            $bed = $this->bed($stock);
            for ($round = 0; $round < 4; ++$round) {
                $taken = $bed->empty;
                $reach = 0;
                for ($nth = 0; $nth < 14; ++$nth) {
                    $shape = $this->shape($this->blob(16_000));
                    $spot = $bed->first($shape, $bed->spans($taken, $reach), \PHP_INT_MAX);
                    self::assertSame(self::slowly($bed, $shape, $taken), $spot);
                    if (null === $spot) {
                        continue;
                    }
                    self::assertNull(
                        $bed->first($shape, $bed->spans($taken, $reach), $spot[0] + $shape->rows - 1),
                        'none ends higher',
                    );
                    self::assertSame($spot, $bed->first($shape, $bed->spans($taken, $reach), $spot[0] + $shape->rows));
                    $taken = $bed->take($taken, $shape, ...[...$spot, true]);
                    $reach = max($reach, $spot[0] + $shape->rows + $shape->margin);
                }
            }
        }
    }

    public function testTheNearestFreePlaceIsNearest(): void
    {
        $bed = $this->bed(NestStock::sheet('s', 90_000, 120_000));
        $taken = $bed->empty;
        foreach ([[10, 10], [40, 50], [70, 20]] as [$row, $column]) {
            $taken = $bed->take($taken, $this->shape($this->blob(16_000)), $row, $column, true);
        }
        for ($round = 0; $round < 30; ++$round) {
            $shape = $this->shape($this->blob(9000));
            [$row, $column] = [$this->random->getInt(0, 100), $this->random->getInt(0, 70)];
            $found = $bed->nearest($shape, $taken, $row, $column, 25);
            $best = null;
            for ($down = 0; $down <= $bed->rows - $shape->rows; ++$down) {
                for ($across = 0; $across <= $bed->columns - $shape->columns; ++$across) {
                    if (
                        abs($down - $row) <= 25
                        && abs($across - $column) <= 25
                        && 0 ==
                            (($taken >> (($down + $bed->pad) * $bed->stride + $across + $bed->pad)) &
                                $shape->closed($bed->stride))
                    ) {
                        $best = min($best ?? \PHP_INT_MAX, ($down - $row) ** 2 + ($across - $column) ** 2);
                    }
                }
            }
            self::assertSame($best, null === $found ? null : ($found[0] - $row) ** 2 + ($found[1] - $column) ** 2);
        }
    }

    public function testWhatFitsByCellsFitsInTruth(): void
    {
        $stock = new NestStock('odd', SvgPath::read('M0 0H90V40H60V110H0Z'));
        $bed = $this->bed($stock);
        $room = $stock->room(2000 - 10) ?? throw new \LogicException();
        for ($round = 0; $round < 6; ++$round) {
            $taken = $bed->empty;
            $put = [];
            for ($nth = 0; $nth < 10; ++$nth) {
                $region = $this->blob(14_000);
                $shape = $this->shape($region);
                $spot = $bed->first($shape, $bed->spans($taken, $bed->rows), \PHP_INT_MAX);
                if (null !== $spot) {
                    $taken = $bed->take($taken, $shape, ...[...$spot, true]);
                    $turned = $region->turned($shape->turn);
                    [$x, $y] = $bed->point(...$spot);
                    $put[] = $turned->moved($x - $turned->box()->left, $y - $turned->box()->top);
                }
            }
            self::assertGreaterThan(1, \count($put));
            self::assertTrue(Geos::holdsAll($room, $put));
            self::assertSame([], Geos::tooNear($put, static fn (): int => self::GAP - 10));
        }
    }

    public function testGivingBackWhatWasTakenAloneLeavesItEmpty(): void
    {
        $bed = $this->bed(NestStock::sheet('s', 90_000, 120_000));
        $shape = $this->shape($this->blob(16_000));
        $taken = $bed->take($bed->empty, $shape, 30, 20, true);
        self::assertNotSame(0, gmp_cmp($taken, $bed->empty));
        self::assertSame(0, gmp_cmp($bed->empty, $bed->give($taken, $shape, 30, 20)));
        self::assertSame([30, 20], $bed->cell(...$bed->point(30, 20)));
    }

    public function testShapesAlikeWhenTurnedAreTriedOnce(): void
    {
        $ring = SvgPath::read('M0 20A20 20 0 1 1 40 20A20 20 0 1 1 0 20ZM5 20A15 15 0 1 0 35 20A15 15 0 1 0 5 20Z');
        $square = Box::sized(30_000, 30_000)->region();
        $long = Box::sized(50_000, 20_000)->region();
        $name = Lettering::typesetter()->top(Lettering::words('bebas', 'Teal'), 20_000);
        self::assertCount(
            4,
            RasterShape::all($name, [0, 90, 180, 270], self::GAP, self::GAP, self::CELL),
            'a word is another one each way',
        );
        self::assertSame(
            [1, 1, 2],
            array_map(
                static fn (Region $region): int => \count(
                    RasterShape::all($region, [0, 90, 180, 270], self::GAP, self::GAP, self::CELL),
                ),
                [$ring, $square, $long],
            ),
        );
    }

    public function testWhatIsLeftCostsMostThenFilmAndTheShelfsCostsLeast(): void
    {
        $stock = [NestStock::sheet('off', 100_000, 100_000), NestStock::sheet('s', 300_000, 600_000, 9)];
        $piece = new NestPiece('p', Box::sized(10_000, 10_000)->region());
        self::assertGreaterThan(
            Cost::ofPlan($stock, [[1, 600_000], [1, 600_000]], []),
            Cost::ofPlan($stock, [], [$piece]),
            'a small piece left is worse than two sheets',
        );
        self::assertGreaterThan(
            Cost::ofPlan($stock, [[1, 200_000]], []),
            Cost::ofPlan($stock, [[1, 200_001]], []),
            'less of the sheet',
        );
        self::assertGreaterThan(
            Cost::ofPlan($stock, [[1, 600_000]], []),
            Cost::ofPlan($stock, [[1, 300_000], [1, 300_000]], []),
            'one sheet rather than two halves',
        );
        self::assertLessThan(
            Cost::ofPlan($stock, [[1, 34_000]], []),
            Cost::ofPlan($stock, [[0, 100_000]], []),
            'film from the shelf counts less than the same of a new sheet',
        );
    }
}
