<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Sheet;

use PHPUnit\Framework\TestCase;
use Yelbo\Tests\Trade\Lettering\Lettering;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Sheet\Nest;
use Yelbo\Trade\Sheet\Piece;
use Yelbo\Trade\Sheet\Plan;
use Yelbo\Trade\Sheet\Stock;

final class NestTest extends TestCase
{
    private function square(int $millimetres): Region
    {
        return Box::sized($millimetres * 1000, $millimetres * 1000)->region();
    }

    public function testRandomPiecesNeverTouchAndNeverLeaveTheSheet(): void
    {
        mt_srand(7);
        for ($round = 0; $round < 12; ++$round) {
            $pieces = [];
            for ($nth = 0; $nth < 14; ++$nth) {
                $points = [];
                for ($i = 0; $i < 7; ++$i) {
                    $angle = 2 * \M_PI * $i / 7;
                    $radius = mt_rand(6000, 30_000);
                    $points[] = [(int) (40_000 + $radius * cos($angle)), (int) (40_000 + $radius * sin($angle))];
                }
                $pieces[] = new Piece("p$nth", SvgPath::read(SvgPath::write(new Region([[$points]]))), mt_rand(1, 2));
            }
            $stock = [
                new Stock('odd', SvgPath::read('M0 0H150V60H96V128H0Z')),
                Stock::sheet('sheet', 300_000, 200_000, 1),
            ];
            $plan = (new Nest(3000, 2000, [0, 90, 180, 270]))->plan($stock, $pieces);
            $this->verify($plan, $stock, $pieces, 3000, 2000);
            self::assertEquals($plan, (new Nest(3000, 2000, [0, 90, 180, 270]))->plan($stock, $pieces), 'the same twice');
        }
    }

    public function testAPieceExactlyAsLargeAsTheRoom(): void
    {
        $plan = (new Nest(3000, 2000))->plan([Stock::sheet('s', 104_000, 104_000)], [new Piece('p', $this->square(100))]);
        self::assertCount(1, $plan->sheets);
        self::assertSame([2000, 2000], [$plan->sheets[0]->places[0]->x, $plan->sheets[0]->places[0]->y]);
        self::assertSame(102_000, $plan->sheets[0]->length);
        self::assertEqualsWithDelta(100 * 100 / (104 * 102), $plan->sheets[0]->fill, 1e-6);
    }

    public function testWhatDoesNotFitIsNamedWithTheReason(): void
    {
        $plan = (new Nest(3000, 2000))->plan([Stock::sheet('s', 104_000, 104_000)], [new Piece('big', $this->square(101), 2), new Piece('p', $this->square(100), 2)]);
        self::assertSame(['big', 'p'], array_column($plan->left, 'piece'));
        self::assertSame([2, 1], array_column($plan->left, 'count'));
        self::assertStringContainsString('101 × 101 mm', $plan->left[0]['why']);
        self::assertStringContainsString('full', $plan->left[1]['why']);
    }

    public function testATurnLetsALongPieceFit(): void
    {
        $long = Box::sized(150_000, 20_000)->region();
        $upright = [Stock::sheet('s', 60_000, 200_000)];
        self::assertCount(1, (new Nest(3000, 2000, [0]))->plan($upright, [new Piece('p', $long)])->left);
        $plan = (new Nest(3000, 2000, [0, 90]))->plan($upright, [new Piece('p', $long)]);
        self::assertSame(90.0, $plan->sheets[0]->places[0]->turn);
        self::assertNotSame([], (new Nest(3000, 2000, [0, 90]))->plan($upright, [new Piece('p', $long, 1, [0])])->left, 'unless the piece itself forbids it');
    }

    public function testStockIsTriedInTheOrderGivenAndNoPiecesNeedNone(): void
    {
        $stock = [Stock::sheet('offcut', 60_000, 60_000), Stock::sheet('sheet', 300_000, 600_000, 9)];
        $plan = (new Nest(3000, 2000))->plan($stock, [new Piece('p', $this->square(40), 3)]);
        self::assertSame(['offcut', 'sheet'], array_column($plan->sheets, 'stock'));
        self::assertSame([], (new Nest(3000, 2000))->plan($stock, [])->sheets);
        self::assertSame('There is no stock to cut it from.', (new Nest(0, 0))->plan([], [new Piece('p', $this->square(40))])->left[0]['why']);
    }

    public function testAnOddOffcutIsFilledByTrueShapes(): void
    {
        $stock = [new Stock('odd', SvgPath::read('M0 0H150V60H96V128H0Z'))];
        $pieces = [new Piece('word', Lettering::letterer()->top(Lettering::words('oswald', '14A'), 30_000)), new Piece('p', $this->square(50))];
        $plan = (new Nest(3000, 2000, [0, 90]))->plan($stock, $pieces);
        self::assertSame([], $plan->left);
        $this->verify($plan, $stock, $pieces, 3000, 2000);
    }

    /**
     * Checks a plan without trusting the planner.
     *
     * @param list<Stock> $stock
     * @param list<Piece> $pieces
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
                self::assertTrue(Geos::covers($outlines[$sheet->stock], Geos::grow($region, $edge - 30)), 'everything keeps the edge');
                foreach ($put as $other) {
                    self::assertGreaterThanOrEqual($gap - 1, Geos::distance($region, $other), 'every two pieces keep the gap');
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
