<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Lettering;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Lettering\FilmLayers;
use Yelbo\Trade\Lettering\Pattern;
use Yelbo\Trade\Refused;

/**
 * Patterns stay in their area and out of what is kept clear; films of one kind are one piece where nothing parts them.
 */
final class PatternTest extends TestCase
{
    /** @return iterable<string, array{Pattern, Region, Region}> */
    public static function areas(): iterable
    {
        $shapes = [
            'a square' => Box::sized(120_000, 80_000)->region(),
            'a disc' => ConvexArea::ellipse(50_000, 50_000, 50_000, 50_000)->region(),
            'an L' => Geos::difference(
                Box::sized(100_000, 100_000)->region(),
                (new Box(40_000, 0, 100_000, 60_000))->region(),
            ),
        ];
        foreach (Pattern::cases() as $pattern) {
            foreach ($shapes as $name => $shape) {
                yield "$pattern->value in $name" => [$pattern, $shape, Region::none()];
                yield "$pattern->value in $name round words" => [
                    $pattern,
                    $shape,
                    (new Box(10_000, 30_000, 35_000, 70_000))->region(),
                ];
            }
        }
    }

    #[DataProvider('areas')]
    public function testItStaysInItsAreaAndOutOfWhatIsKeptClear(Pattern $pattern, Region $area, Region $clear): void
    {
        $film = $pattern->film($area, $clear, 12_000, 5_000);
        self::assertFalse($film->isEmpty());
        self::assertTrue(Geos::covers(Geos::grow($area, 3), $film), 'within');
        if (!$clear->isEmpty()) {
            self::assertLessThan(1.0, Geos::intersection($film, $clear)->area(), 'clear of what lies there');
        }
        foreach ($film->pieces() as $piece) {
            self::assertGreaterThan(0.5 * 25, $piece->area(), 'no crumbs');
        }
    }

    public function testDotsAreWholeAndAtTheirPitch(): void
    {
        $film = Pattern::Dots->film(Box::sized(100_000, 100_000)->region(), Region::none(), 20_000, 8_000);
        self::assertCount(25, $film->pieces());
        $lefts = array_values(
            array_unique(array_map(static fn (Region $dot): int => $dot->box()->left, $film->pieces())),
        );
        sort($lefts);
        foreach ($lefts as $nth => $left) {
            self::assertEqualsWithDelta($lefts[0] + 20_000 * $nth, $left, 1);
        }
        $middle = $film->box();
        self::assertEqualsWithDelta(100_000, $middle->left + $middle->right, 2, 'about the middle');
        $disc = Pattern::Dots->film(
            ConvexArea::ellipse(50_000, 50_000, 50_000, 50_000)->region(),
            Region::none(),
            20_000,
            8_000,
        );
        self::assertCount(21, $disc->pieces(), 'corners of the grid lie beyond a disc');
    }

    public function testABorderIsEvenlySpacedAllTheWayRound(): void
    {
        $area = Box::sized(120_000, 60_000)->region();
        $film = Pattern::Border->film($area, Region::none(), 10_000, 4_000);
        $round = 2 * (116_000 + 56_000);
        self::assertCount((int) round($round / 10_000), $film->pieces());
        self::assertSame([0, 0, 120_000, 60_000], [
            (int) round($film->box()->left, -2),
            (int) round($film->box()->top, -2),
            (int) round($film->box()->right, -2),
            (int) round($film->box()->bottom, -2),
        ]);
    }

    public function testALatticeIsOnePiece(): void
    {
        $film = Pattern::Lattice->film(Box::sized(100_000, 60_000)->region(), Region::none(), 15_000, 4_000);
        self::assertCount(1, $film->pieces());
        self::assertGreaterThan(5, $film->holes());
    }

    /** @return iterable<string, array{int, int, string}> */
    public static function refused(): iterable
    {
        yield 'solid' => [5_000, 5_000, 'pattern-solid'];
        yield 'too fine' => [1_000, 500, 'pattern-too-fine'];
        yield 'too large' => [900_000, 300_000, 'pattern-empty'];
    }

    #[DataProvider('refused')]
    public function testWhatCannotBeIsRefused(int $pitch, int $size, string $reason): void
    {
        try {
            Pattern::Dots->film(Box::sized(100_000, 100_000)->region(), Region::none(), $pitch, $size);
            self::fail('refused');
        } catch (Refused $refused) {
            self::assertSame($reason, $refused->reason);
            self::assertSame('/pitch', $refused->at);
        }
    }

    public function testOneFilmIsOnePieceUnlessAnotherLiesBetween(): void
    {
        $at = static fn (int $x): Region => (new Box($x, 0, $x + 20_000, 20_000))->region();
        $apart = FilmLayers::of([['navy', $at(0)], ['red', $at(50_000)], ['navy', $at(100_000)]]);
        self::assertSame(['navy', 'red'], array_column($apart->layers, 0), 'films side by side');
        self::assertSame([1, []], [$apart->depth(), $apart->overlapping()]);
        self::assertCount(2, $apart->layers[0][1]->pieces());
        $meeting = FilmLayers::of([['navy', $at(0)], ['navy', $at(10_000)]]);
        self::assertCount(1, $meeting->layers);
        self::assertCount(1, $meeting->layers[0][1]->pieces(), 'what meets is one');
        $between = FilmLayers::of(
            [['navy', $at(0)], ['red', $at(5_000)], ['navy', $at(10_000)], ['ochre', $at(90_000)]],
        );
        self::assertSame(
            ['navy', 'red', 'navy', 'ochre'],
            array_column($between->layers, 0),
            'on top of what lies between',
        );
        self::assertSame(3, $between->depth());
        self::assertSame([0, 1, 2], $between->overlapping());
        $total = array_sum(array_map(static fn (array $layer): float => $layer[1]->area(), $between->layers));
        self::assertEqualsWithDelta(4 * 400, $total, 0.1, 'and no film is lost');
        // A name beside an initial that lies on another film: what nothing lies over is cut with what is laid higher
        // up.
        $beside = FilmLayers::of([['navy', $at(0)], ['red', $at(50_000)], ['navy', $at(55_000)]]);
        self::assertSame(['red', 'navy'], array_column($beside->layers, 0));
        self::assertEqualsWithDelta(2 * 400, $beside->layers[1][1]->area(), 0.1);
    }

    public function testWhateverIsLaidOnWhatItStaysOnIt(): void
    {
        mt_srand(27);
        for ($try = 0; $try < 60; ++$try) {
            $things = array_map(
                static fn (int $nth): array => [
                    ['navy', 'red', 'ochre'][mt_rand(0, 2)],
                    (new Box($x = 1000 * mt_rand(0, 90), 0, $x + 1000 * mt_rand(5, 30), 20_000))->region(),
                ],
                range(1, mt_rand(2, 7)),
            );
            $layers = FilmLayers::of($things)->layers;
            $in = static fn (array $thing, array $layer): bool => $thing[0] === $layer[0]
                && abs(Geos::intersection($thing[1], $layer[1])->area() - $thing[1]->area()) < 0.01;
            foreach ($things as $nth => $one) {
                foreach (\array_slice($things, 0, $nth) as $below) {
                    if ($one[0] === $below[0] || Geos::intersection($one[1], $below[1])->isEmpty()) {
                        continue;
                    }
                    $places = static fn (array $thing): array => array_keys(
                        array_filter($layers, static fn (array $layer): bool => $in($thing, $layer)),
                    );
                    self::assertNotSame([], $places($one), "try $try: nothing is lost");
                    $lowest = $places($below)[0] ?? self::fail("try $try: nothing is lost");
                    self::assertLessThan(max([0, ...$places($one)]), $lowest, "try $try: it stays on it");
                }
            }
            $overlaps = FilmLayers::of($things)->depth();
            self::assertLessThanOrEqual(\count($things), $overlaps);
        }
    }
}
