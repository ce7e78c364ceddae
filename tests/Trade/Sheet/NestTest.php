<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Sheet;

use PHPUnit\Framework\TestCase;
use Yelbo\Tests\Trade\Lettering\Lettering;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Sheet\BoxNest;
use Yelbo\Trade\Sheet\Cost;
use Yelbo\Trade\Sheet\Gaps;
use Yelbo\Trade\Sheet\Nest;
use Yelbo\Trade\Sheet\NestPiece;
use Yelbo\Trade\Sheet\NestStock;
use Yelbo\Trade\Sheet\Plan;
use Yelbo\Trade\Sheet\Sheet;

final class NestTest extends TestCase
{
    private function square(int $millimetres): Region
    {
        return Box::sized($millimetres * 1000, $millimetres * 1000)->region();
    }

    public function testRandomPiecesNeverTouchAndNeverLeaveTheSheet(): void
    {
        mt_srand(7);
        for ($round = 0; $round < 5; ++$round) {
            $pieces = [];
            for ($nth = 0; $nth < 14; ++$nth) {
                $points = [];
                for ($i = 0; $i < 7; ++$i) {
                    $angle = (2 * \M_PI * $i) / 7;
                    $radius = mt_rand(6000, 30_000);
                    $points[] = [(int) (40_000 + $radius * cos($angle)), (int) (40_000 + $radius * sin($angle))];
                }
                $pieces[] = new NestPiece(
                    "p$nth",
                    SvgPath::read(SvgPath::write(new Region([[$points]]))),
                    mt_rand(1, 2),
                );
            }
            $stock = [
                new NestStock('odd', SvgPath::read('M0 0H150V60H96V128H0Z')),
                NestStock::sheet('sheet', 300_000, 200_000, 1),
            ];
            $plan = (new Nest(Gaps::same(3000, 2000), [0, 90, 180, 270]))->plan($stock, $pieces);
            $this->verify($plan, $stock, $pieces, 3000, 2000);
            self::assertEquals(
                $plan,
                (new Nest(Gaps::same(3000, 2000), [0, 90, 180, 270]))->plan($stock, $pieces),
                'the same twice',
            );
        }
    }

    public function testAPieceExactlyAsLargeAsTheRoom(): void
    {
        $plan = (new Nest(Gaps::same(3000, 2000)))->plan(
            [NestStock::sheet('s', 104_000, 104_000)],
            [new NestPiece('p', $this->square(100))],
        );
        self::assertCount(1, $plan->sheets);
        self::assertSame([2000, 2000], [$plan->sheets[0]->places[0]->x, $plan->sheets[0]->places[0]->y]);
        self::assertSame(102_000, $plan->sheets[0]->length);
        self::assertEqualsWithDelta((100 * 100) / (104 * 102), $plan->sheets[0]->fill, 1e-6);
    }

    public function testWhatDoesNotFitIsNamedWithTheReason(): void
    {
        $plan = (new Nest(Gaps::same(3000, 2000)))->plan(
            [NestStock::sheet('s', 104_000, 104_000)],
            [new NestPiece('big', $this->square(101), 2), new NestPiece('p', $this->square(100), 2)],
        );
        self::assertSame(['big', 'p'], array_column($plan->left, 'piece'));
        self::assertSame([2, 1], array_column($plan->left, 'count'));
        self::assertStringContainsString('101 × 101 mm', $plan->left[0]['why']);
        self::assertStringContainsString('full', $plan->left[1]['why']);
    }

    public function testATurnLetsALongPieceFit(): void
    {
        $long = Box::sized(150_000, 20_000)->region();
        $upright = [NestStock::sheet('s', 60_000, 200_000)];
        self::assertCount(
            1,
            (new Nest(Gaps::same(3000, 2000), [0]))->plan($upright, [new NestPiece('p', $long)])->left,
        );
        $plan = (new Nest(Gaps::same(3000, 2000), [0, 90]))->plan($upright, [new NestPiece('p', $long)]);
        self::assertSame(90.0, $plan->sheets[0]->places[0]->turn);
        self::assertNotSame(
            [],
            (new Nest(Gaps::same(3000, 2000), [0, 90]))->plan($upright, [new NestPiece('p', $long, 1, [0])])->left,
            'unless the piece itself forbids it',
        );
    }

    public function testStockIsTriedInTheOrderGivenAndNoPiecesNeedNone(): void
    {
        $stock = [NestStock::sheet('offcut', 60_000, 60_000), NestStock::sheet('sheet', 300_000, 600_000, 9)];
        $plan = (new Nest(Gaps::same(3000, 2000)))->plan($stock, [new NestPiece('p', $this->square(40), 3)]);
        self::assertSame(['offcut', 'sheet'], array_column($plan->sheets, 'stock'));
        self::assertSame([], (new Nest(Gaps::same(3000, 2000)))->plan($stock, [])->sheets);
        self::assertSame(
            'There is no stock to cut it from.',
            (new Nest(Gaps::same(0, 0)))->plan([], [new NestPiece('p', $this->square(40))])->left[0]['why'],
        );
    }

    public function testAnOddOffcutIsFilledByTrueShapes(): void
    {
        $stock = [new NestStock('odd', SvgPath::read('M0 0H150V60H96V128H0Z'))];
        $pieces = [
            new NestPiece('word', Lettering::typesetter()->top(Lettering::words('oswald', '14A'), 30_000)),
            new NestPiece('p', $this->square(50)),
        ];
        $plan = (new Nest(Gaps::same(3000, 2000), [0, 90]))->plan($stock, $pieces);
        self::assertSame([], $plan->left);
        $this->verify($plan, $stock, $pieces, 3000, 2000);
    }

    public function testASmallRoundFitsInsideASquareOutline(): void
    {
        $frame = SvgPath::read('M0 0H100V100H0ZM5 5V95H95V5Z');
        $disc = SvgPath::read('M0 30A30 30 0 1 1 60 30A30 30 0 1 1 0 30Z');
        $stock = [NestStock::sheet('s', 110_000, 110_000, 2)];
        $pieces = [new NestPiece('frame', $frame), new NestPiece('disc', $disc)];
        $plan = (new Nest(Gaps::same(3000, 2000)))->plan($stock, $pieces);
        self::assertCount(1, $plan->sheets, 'by boxes it would take two');
        $this->verify($plan, $stock, $pieces, 3000, 2000);
    }

    public function testShapesThatInterlockTakeLessFilmThanTheirBoxes(): void
    {
        $angle = SvgPath::read('M0 0H60V15H15V60H0Z');
        $stock = [NestStock::sheet('s', 140_000, 600_000)];
        $pieces = [new NestPiece('angle', $angle, 10)];
        $turns = [0, 90, 180, 270];
        $true = (new Nest(Gaps::same(3000, 2000), $turns))->plan($stock, $pieces);
        $boxes = (new BoxNest(Gaps::same(3000, 2000), $turns))->plan($stock, $pieces);
        $this->verify($true, $stock, $pieces, 3000, 2000);
        self::assertLessThan(0.85 * $boxes->sheets[0]->length, $true->sheets[0]->length);
    }

    /** Time is told by tries here, so that the test does not hang on how fast a machine is. */
    public function testMoreTriesNeverGiveAWorsePlanAndTheSameGiveTheSame(): void
    {
        mt_srand(5);
        $pieces = [];
        foreach (['Rope', 'Ada', 'Cox', 'Teal', 'Tuba', 'Heron'] as $nth => $word) {
            $pieces[] = new NestPiece(
                $word,
                Lettering::typesetter()->top(
                    Lettering::words(['bebas', 'pacifico', 'oswald'][$nth % 3], $word),
                    1000 * mt_rand(14, 28),
                ),
                2,
            );
        }
        $stock = [
            new NestStock('off', SvgPath::read('M0 0H120V60H60V120H0Z')),
            NestStock::sheet('s', 200_000, 400_000, 3),
        ];
        $after = static function (int $tries) use ($pieces, $stock): Plan {
            $made = 0;

            return (new Nest(Gaps::same(3000, 2000), [0, 90, 180, 270]))->plan($stock, $pieces, static function () use (
                &$made,
                $tries,
            ): bool {
                return ++$made < $tries;
            });
        };
        $before = null;
        foreach ([1, 4, 12] as $tries) {
            $plan = $after($tries);
            self::assertEquals($plan, $after($tries), 'the same twice');
            $this->verify($plan, $stock, $pieces, 3000, 2000);
            self::assertSame([], $plan->left);
            $film = Cost::ofPlan(
                $stock,
                array_map(
                    static fn (Sheet $sheet): array => ['off' === $sheet->stock ? 0 : 1, $sheet->length],
                    $plan->sheets,
                ),
                [],
            );
            self::assertLessThanOrEqual($before ?? \INF, $film);
            $before = $film;
        }
        self::assertContains(
            'off',
            array_map(static fn (Sheet $sheet): string => $sheet->stock, $after(12)->sheets),
            'the offcut is used',
        );
    }

    public function testRectanglesCutFromOneSheetGoBackTogether(): void
    {
        mt_srand(3);
        $cut = [[200_000, 300_000]];
        while (\count($cut) < 14) {
            usort($cut, static fn (array $a, array $b): int => $b[0] * $b[1] <=> $a[0] * $a[1]);
            [$width, $height] = array_shift($cut);
            $at = mt_rand(30, 70) / 100;
            array_push(
                $cut,
                ...$width > $height
                    ? [[(int) ($at * $width), $height], [$width - (int) ($at * $width), $height]]
                    : [[$width, (int) ($at * $height)], [$width, $height - (int) ($at * $height)]],
            );
        }
        $pieces = array_map(
            static fn (array $sides, int $nth): NestPiece => new NestPiece("p$nth", Box::sized(...$sides)->region()),
            $cut,
            array_keys($cut),
        );
        $stock = [NestStock::sheet('s', 200_000, 300_000)];
        $tries = 0;
        $plan = (new Nest(Gaps::same(0, 0), [0, 90]))->plan($stock, $pieces, static function (Plan $best) use (
            &$tries,
        ): bool {
            return [] !== $best->left && ++$tries < 4000;
        });
        self::assertSame([], $plan->left);
        self::assertEqualsWithDelta(1.0, $plan->sheets[0]->fill, 1e-9);
        $this->verify($plan, $stock, $pieces, 0, 0);
    }

    public function testRectanglesKeepTheirGapsAndTheEdgeExactly(): void
    {
        $stock = [NestStock::sheet('s', 106_000, 106_000)];
        $pieces = [new NestPiece('q', Box::sized(48_000, 48_000)->region(), 4)];
        $plan = (new Nest(Gaps::same(4_000, 3_000)))->plan($stock, $pieces);
        self::assertSame([], $plan->left, 'they fit to the last micrometre');
        $this->verify($plan, $stock, $pieces, 4_000, 3_000);
    }

    public function testHundredsOfDotsInAFrameWithAHole(): void
    {
        $stock = [new NestStock('framed', SvgPath::read('M0 0H90V90H0ZM30 30V60H60V30Z'))];
        $pieces = [new NestPiece('dot', SvgPath::read('M0 2A2 2 0 1 1 4 2A2 2 0 1 1 0 2Z'), 90)];
        $plan = (new Nest(Gaps::same(2000, 2000)))->plan($stock, $pieces, static fn (): bool => false);
        $this->verify($plan, $stock, $pieces, 2000, 2000);
        self::assertNotSame([], $plan->sheets);
    }

    /**
     * Checks a plan without trusting the planner.
     *
     * @param list<NestStock> $stock
     * @param list<NestPiece> $pieces
     */
    private function verify(Plan $plan, array $stock, array $pieces, int $gap, int $edge): void
    {
        $shapes = array_column($pieces, 'region', 'id');
        $outlines = array_column($stock, 'outline', 'id');
        $count = array_fill_keys(array_keys($shapes), 0);
        foreach ($plan->sheets as $sheet) {
            $put = [];
            foreach ($sheet->places as $place) {
                $region = $place->put($shapes[$place->piece]);
                self::assertSame([$place->x, $place->y], [$region->box()->left, $region->box()->top]);
                self::assertTrue(
                    Geos::covers($outlines[$sheet->stock], Geos::grow($region, $edge - 30)),
                    'everything keeps the edge',
                );
                foreach ($put as $other) {
                    self::assertGreaterThanOrEqual(
                        $gap - 1,
                        Geos::distance($region, $other),
                        'every two pieces keep the gap',
                    );
                }
                $put[] = $region;
                ++$count[$place->piece];
                self::assertLessThanOrEqual($sheet->length, $region->box()->bottom);
            }
        }
        foreach ($plan->left as $left) {
            $count[$left['piece']] += $left['count'];
        }
        foreach ($pieces as $piece) {
            self::assertSame($piece->count, $count[$piece->id], 'every piece once');
        }
    }
}
