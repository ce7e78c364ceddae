<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Sheet;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Sheet\Compaction;
use Yelbo\Trade\Sheet\Gaps;
use Yelbo\Trade\Sheet\Nest;
use Yelbo\Trade\Sheet\NestPiece;
use Yelbo\Trade\Sheet\NestStock;
use Yelbo\Trade\Sheet\Place;
use Yelbo\Trade\Sheet\Placer;
use Yelbo\Trade\Sheet\Plan;
use Yelbo\Trade\Sheet\RasterShape;
use Yelbo\Trade\Sheet\Recreation;
use Yelbo\Trade\Sheet\SheetRaster;

/** What comes after a first plan: pieces moved closer together, and a part taken off and put down anew. */
final class CompactionTest extends TestCase
{
    private const CELL = 250;

    private function box(int $width, int $height): Region
    {
        return Box::sized($width * 1000, $height * 1000)->region();
    }

    /**
     * @param list<NestStock>                                                              $stock
     * @param list<NestPiece>                                                              $copies
     * @param list<array{int, list<array{int, float, int, int}>, int|null}> $filled
     *
     * @return list<array{int, list<array{int, float, int, int}>, int|null}>
     */
    private function closer(array $stock, array $copies, Gaps $gaps, array $filled): array
    {
        $last = null;
        foreach ((new Compaction($stock, $copies, $gaps, [0], self::CELL))->closer($filled) as $found) {
            self::assertNull($last, 'what it led to comes last');
            $last = $found;
        }
        self::assertNotNull($last);

        return $last;
    }

    public function testPiecesGoUpAndToTheSideAsFarAsTheGapAllows(): void
    {
        $copies = [
            new NestPiece('a', $this->box(40, 20)),
            new NestPiece('b', $this->box(40, 20)),
            new NestPiece('c', $this->box(20, 45)),
        ];
        [[, $laid]] = $this->closer([NestStock::sheet('s', 100_000, 200_000)], $copies, Gaps::same(3000, 2000), [
            [0, [[0, 0.0, 4000, 5000], [1, 0.0, 8000, 40_000], [2, 0.0, 60_000, 30_000]], null],
        ]);
        self::assertSame(
            [[0, 2000], [1, 25_250], [2, 2000]],
            array_map(static fn (array $one): array => [$one[0], $one[3]], $laid),
            'the gap of 3 mm and what drawing by cells costs',
        );
    }

    public function testPiecesOfOneOrderMayComeNearerThanOthers(): void
    {
        $copies = [
            new NestPiece('a', $this->box(90, 20), 1, null, 'one'),
            new NestPiece('b', $this->box(90, 20), 1, null, 'one'),
            new NestPiece('c', $this->box(90, 20), 1, null, 'two'),
        ];
        [[, $laid]] = $this->closer([NestStock::sheet('s', 100_000, 200_000)], $copies, new Gaps(2000, 6000, 2000), [
            [0, [[0, 0.0, 2000, 2000], [1, 0.0, 2000, 60_000], [2, 0.0, 2000, 100_000]], null],
        ]);
        self::assertSame([2000, 24_250, 50_500], array_column($laid, 3));
    }

    public function testWhatIsInsideARingStaysInsideItAndNothingPassesThrough(): void
    {
        $ring = SvgPath::read('M0 0H60V60H0ZM4 4V56H56V4Z');
        $copies = [new NestPiece('ring', $ring), new NestPiece('in', $this->box(10, 10))];
        [[, $laid]] = $this->closer([NestStock::sheet('s', 100_000, 200_000)], $copies, Gaps::same(3000, 2000), [
            [0, [[0, 0.0, 20_000, 50_000], [1, 0.0, 50_000, 90_000]], null],
        ]);
        self::assertSame(2000, $laid[0][3]);
        self::assertSame(9250, $laid[1][3], 'below the upper side of the ring');
    }

    public function testTheLastSheetGoesWhereThereIsRoomBeforeIt(): void
    {
        $copies = [
            new NestPiece('a', $this->box(50, 90)),
            new NestPiece('b', $this->box(30, 30)),
            new NestPiece('c', $this->box(90, 20)),
        ];
        $filled = $this->closer([NestStock::sheet('s', 100_000, 100_000, 2)], $copies, Gaps::same(3000, 2000), [
            [0, [[0, 0.0, 2000, 2000]], null],
            [0, [[1, 0.0, 2000, 2000], [2, 0.0, 2000, 50_000]], null],
        ]);
        self::assertSame(
            [[0, 1], [2]],
            array_map(static fn (array $sheet): array => array_column($sheet[1], 0), $filled),
        );
    }

    public function testASheetLeftWithNothingIsNotBegunAndOneWithPiecesThatStayIsLeftAlone(): void
    {
        $stock = [NestStock::sheet('s', 100_000, 100_000, 3)];
        $copies = [new NestPiece('a', $this->box(50, 90)), new NestPiece('b', $this->box(30, 30))];
        self::assertCount(
            1,
            $this->closer($stock, $copies, Gaps::same(3000, 2000), [
                [0, [[0, 0.0, 2000, 2000]], null],
                [0, [[1, 0.0, 2000, 2000]], null],
            ]),
        );
        $kept = [[0, [[0, 0.0, 9000, 8000]], 0], [0, [[1, 0.0, 2000, 2000]], null]];
        self::assertSame($kept, $this->closer($stock, $copies, Gaps::same(3000, 2000), $kept));
    }

    /** @return array{Placer, non-empty-list<NestPiece>} */
    private function placer(): array
    {
        $copies = [];
        $random = new Randomizer(new Mt19937(11));
        for ($nth = 0; $nth < 30; ++$nth) {
            $copies[] = new NestPiece("p$nth", $this->blob($random), 1, null, ['', 'one', 'two'][$nth % 3]);
        }
        $gaps = new Gaps(2000, 4000, 3000);
        $stock = [
            new NestStock('odd', SvgPath::read('M0 0H150V60H96V128H0Z')),
            NestStock::sheet('s', 200_000, 120_000, 9),
        ];
        $beds = array_map(
            static fn (NestStock $of): ?SheetRaster => SheetRaster::fromStock(
                $of,
                $gaps->edge,
                1000,
                RasterShape::margin($gaps->between, 1000),
            ),
            $stock,
        );

        return [
            new Placer(
                $stock,
                $copies,
                $beds,
                static fn (NestPiece $piece): array => RasterShape::all(
                    $piece->region,
                    [0, 90],
                    $gaps->inside,
                    $gaps->between,
                    1000,
                ),
                $gaps,
            ),
            $copies,
        ];
    }

    private function blob(Randomizer $random): Region
    {
        $points = [];
        for ($corner = 0; $corner < 7; ++$corner) {
            $angle = (2 * \M_PI * $corner) / 7;
            $radius = $random->getInt(5000, 26_000);
            $points[] = [(int) (40_000 + $radius * cos($angle)), (int) (40_000 + $radius * sin($angle))];
        }

        return SvgPath::read(SvgPath::write(new Region([[$points]])));
    }

    public function testTakingOffLeavesEverythingAsIfItHadNeverBeenThere(): void
    {
        [$placer, $copies] = $this->placer();
        $state = $placer->start();
        foreach (array_keys($copies) as $copy) {
            $state = $placer->place($state, $copy);
        }
        self::assertGreaterThan(2, \count($state['sheets']));
        $random = new Randomizer(new Mt19937(12));
        for ($round = 0; $round < 20; ++$round) {
            $gone = $random->pickArrayKeys($copies, $random->getInt(1, 6));
            $without = $placer->without($state, array_map(intval(...), $gone));
            foreach ($without['sheets'] as $sheet) {
                $bed = $placer->bed($sheet);
                $taken = $bed->empty;
                foreach ($sheet['placed'] as [$copy, $shape, $row, $column]) {
                    self::assertNotContains($copy, $gone);
                    $taken = $bed->take($taken, $shape, $row, $column, true);
                }
                self::assertSame(0, gmp_cmp($taken, $sheet['taken']));
                foreach ($sheet['near'] as $order => $near) {
                    $taken = $bed->empty;
                    foreach ($sheet['placed'] as [$copy, $shape, $row, $column]) {
                        $taken = $bed->take($taken, $shape, $row, $column, $copies[$copy]->order !== $order);
                    }
                    self::assertSame(0, gmp_cmp($taken, $near), "order $order");
                }
            }
            self::assertSame(
                \count($copies) - \count($gone),
                array_sum(array_map(static fn (array $sheet): int => \count($sheet['placed']), $without['sheets'])),
            );
        }
    }

    public function testPuttingAPartDownAnewOnlyEverTellsOfWhatCostsLess(): void
    {
        [$placer, $copies] = $this->placer();
        $state = $placer->start();
        foreach (array_keys($copies) as $copy) {
            $state = $placer->place($state, $copy);
        }
        $found = [];
        $lengths = static fn (array $sheets): array => array_map(
            static fn (array $sheet): int => \count($sheet[1]),
            $sheets,
        );
        foreach ((new Recreation($placer, new Randomizer(new Mt19937(13))))->tries($state) as $nth => $better) {
            if (null !== $better) {
                self::assertSame(
                    \count($copies),
                    array_sum($lengths($better[0])) + \count($better[1]),
                    'every copy once',
                );
                $found[] = $better;
            }
            if (600 === $nth) {
                break;
            }
        }
        self::assertNotSame([], $found, 'random places can be bettered');
    }

    public function testWhatFoundNoRoomIsTriedAgainAndNeverMoreIsLeft(): void
    {
        $random = new Randomizer(new Mt19937(15));
        $pieces = [];
        for ($nth = 0; $nth < 30; ++$nth) {
            $pieces[] = new NestPiece("p$nth", $this->blob($random));
        }
        $stock = [NestStock::sheet('only', 150_000, 150_000, 1)];
        $left = [];
        $plan = (new Nest(Gaps::same(3000, 2000), [0, 90, 180, 270]))->plan($stock, $pieces, static function (
            Plan $best,
        ) use (&$left): bool {
            $left[] = array_sum(array_column($best->left, 'count'));

            return \count($left) < 900;
        });
        $sorted = $left;
        rsort($sorted);
        self::assertSame($sorted, $left, 'what was placed stays placed');
        self::assertLessThan($left[0], $left[899], 'the first try is not the best here');
        self::assertSame(
            30,
            array_sum(array_map(static fn ($sheet): int => \count($sheet->places), $plan->sheets)) +
                array_sum(array_column($plan->left, 'count')),
            'every piece once',
        );
        self::assertSame(['The stock given is full.'], array_values(array_unique(array_column($plan->left, 'why'))));
    }

    public function testLongerIsNeverWorseAndGapsHoldAllTheWay(): void
    {
        $random = new Randomizer(new Mt19937(14));
        $pieces = [];
        for ($nth = 0; $nth < 26; ++$nth) {
            $pieces[] = new NestPiece("p$nth", $this->blob($random), 1, null, 0 === $nth % 2 ? '' : 'one');
        }
        $stock = [
            new NestStock('odd', SvgPath::read('M0 0H150V60H96V128H0Z')),
            NestStock::sheet('s', 200_000, 300_000, 9),
        ];
        $gaps = new Gaps(2000, 4000, 3000);
        $plans = [];
        foreach ([60, 500, 500] as $tries) {
            $plans[] = (new Nest($gaps, [0, 90, 180, 270]))->plan($stock, $pieces, static function () use (
                &$tries,
            ): bool {
                return --$tries > 0;
            });
        }
        self::assertEquals($plans[1], $plans[2], 'the same twice');
        $cost = static fn (Plan $plan): array => [
            \count($plan->left),
            \count($plan->sheets),
            array_sum(array_map(static fn ($sheet): int => $sheet->length, $plan->sheets)),
        ];
        self::assertLessThan($cost($plans[0]), $cost($plans[1]), 'more tries find more here');
        $by = array_column($pieces, null, 'id');
        foreach ($plans as $plan) {
            self::assertSame([], $plan->left);
            foreach ($plan->sheets as $sheet) {
                $put = array_map(
                    static fn (Place $place): Region => $place->put($by[$place->piece]->region),
                    $sheet->places,
                );
                $gap = static fn (int $one, int $other): int => $gaps->between(
                    $by[$sheet->places[$one]->piece],
                    $by[$sheet->places[$other]->piece],
                ) - 10;
                self::assertSame([], Geos::tooNear($put, $gap));
                $room = array_column($stock, null, 'id')[$sheet->stock]->room($gaps->edge - 10);
                self::assertNotNull($room);
                self::assertTrue(Geos::holdsAll($room, $put));
            }
        }
    }
}
