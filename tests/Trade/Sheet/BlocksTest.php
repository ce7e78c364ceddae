<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Sheet;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Sheet\Blocks;
use Yelbo\Trade\Sheet\Gaps;
use Yelbo\Trade\Sheet\Nest;
use Yelbo\Trade\Sheet\NestPiece;
use Yelbo\Trade\Sheet\NestStock;
use Yelbo\Trade\Sheet\Place;
use Yelbo\Trade\Sheet\Plan;
use Yelbo\Trade\Sheet\WeedBoxes;

/** Room for weed boxes: pieces that come off together are laid together. */
final class BlocksTest extends TestCase
{
    private const AWAY = 1500;

    /** @return array<string, NestPiece> triangles and boxes, some of orders, by their names */
    private function pieces(int $count, int $seed): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $pieces = [];
        for ($nth = 0; $nth < $count; ++$nth) {
            [$width, $height] = [$random->getInt(15, 70) * 1000, $random->getInt(8, 30) * 1000];
            $region =
                0 === $nth % 2
                    ? Box::sized($width, $height)->region()
                    : new Region([[[[0, 0], [$width, 0], [0, $height]]]]);
            $pieces["p$nth"] = new NestPiece("p$nth", $region, 1, null, ['', '1', '2', '3'][$nth % 4]);
        }

        return $pieces;
    }

    /**
     * @param array<string, NestPiece> $pieces
     *
     * @return list<list<array{Region, string, Place}>> by sheet, what was checked: the gaps, and every piece once
     */
    private function laid(Plan $plan, array $pieces, Gaps $gaps, NestStock $stock, bool $orders): array
    {
        self::assertSame([], $plan->left);
        $seen = [];
        $sheets = [];
        foreach ($plan->sheets as $sheet) {
            $put = array_map(
                static fn (Place $place): Region => $place->put($pieces[$place->piece]->region),
                $sheet->places,
            );
            self::assertSame(
                [],
                Geos::tooNear(
                    $put,
                    static fn (int $one, int $other): int => $gaps->between(
                        $pieces[$sheet->places[$one]->piece],
                        $pieces[$sheet->places[$other]->piece],
                    ) - 10,
                ),
            );
            $room = $stock->room($gaps->edge);
            self::assertNotNull($room);
            self::assertTrue(Geos::holdsAll($room, $put));
            array_push($seen, ...array_column($sheet->places, 'piece'));
            $sheets[] = array_map(
                static fn (Region $region, Place $place): array => [
                    $region,
                    $orders && '' !== $pieces[$place->piece]->order ? $pieces[$place->piece]->order : $place->piece,
                    $place,
                ],
                $put,
                $sheet->places,
            );
        }
        sort($seen);
        $all = array_keys($pieces);
        sort($all);
        self::assertSame($all, $seen, 'every piece once');

        return $sheets;
    }

    public function testEachPieceHasABoxOfItsOwn(): void
    {
        $gaps = new Gaps(3000, 8000, 2000);
        $stock = NestStock::sheet('s', 300_000, 300_000, 9, new Box(4000, 3000, 296_000, 300_000));
        foreach ([1, 2, 3] as $seed) {
            $pieces = $this->pieces(24, $seed);
            $blocks = Blocks::form(array_values($pieces), false, $gaps, [0, 90, 180, 270], self::AWAY, [$stock]);
            $plan = $blocks->apart((new Nest($blocks->gaps, [0, 90, 180, 270]))->plan([$stock], $blocks->pieces));
            foreach ($this->laid($plan, $pieces, $gaps, $stock, false) as $sheet) {
                $boxes = WeedBoxes::around(
                    array_map(static fn (array $one): array => [$one[0], $one[1]], $sheet),
                    $stock->room(500) ?? throw new \LogicException(),
                    self::AWAY,
                );
                self::assertCount(\count($sheet), $boxes);
            }
        }
    }

    public function testAnOrderLiesTogetherInOneBox(): void
    {
        $gaps = new Gaps(3000, 8000, 2000);
        $stock = NestStock::sheet('s', 300_000, 300_000, 9, new Box(4000, 3000, 296_000, 300_000));
        foreach ([4, 5, 6] as $seed) {
            $pieces = $this->pieces(24, $seed);
            $blocks = Blocks::form(array_values($pieces), true, $gaps, [0, 90, 180, 270], self::AWAY, [$stock]);
            self::assertCount(6 + 3, $blocks->pieces, 'three orders of six, six that belong with nothing');
            $plan = $blocks->apart((new Nest($blocks->gaps, [0, 90, 180, 270]))->plan([$stock], $blocks->pieces));
            foreach ($this->laid($plan, $pieces, $gaps, $stock, true) as $sheet) {
                $boxes = WeedBoxes::around(
                    array_map(static fn (array $one): array => [$one[0], $one[1]], $sheet),
                    $stock->room(500) ?? throw new \LogicException(),
                    self::AWAY,
                );
                self::assertCount(
                    \count(array_unique(array_column($sheet, 1))),
                    $boxes,
                    'one an order, one for each that stands alone',
                );
            }
        }
    }

    public function testABlockIsTurnedAsAWhole(): void
    {
        $pieces = [
            'a' => new NestPiece('a', Box::sized(80_000, 20_000)->region(), 1, null, '1'),
            'b' => new NestPiece('b', new Region([[[[0, 0], [60_000, 0], [0, 10_000]]]]), 1, null, '1'),
        ];
        $gaps = new Gaps(3000, 8000, 2000);
        $upright = NestStock::sheet('s', 45_000, 200_000);
        $blocks = Blocks::form(array_values($pieces), true, $gaps, [0, 90], self::AWAY, [$upright]);
        self::assertCount(1, $blocks->pieces);
        $plan = $blocks->apart((new Nest($blocks->gaps, [0, 90]))->plan([$upright], $blocks->pieces));
        $this->laid($plan, $pieces, $gaps, $upright, true);
    }

    public function testAnOrderTooLargeForABlockIsLaidInSeveralAndOneTooLargeForAnyStaysItself(): void
    {
        $gaps = new Gaps(3000, 8000, 2000);
        $many = [];
        for ($nth = 0; $nth < 9; ++$nth) {
            $many["p$nth"] = new NestPiece("p$nth", Box::sized(90_000, 40_000)->region(), 1, null, '1');
        }
        $stock = NestStock::sheet('s', 100_000, 100_000, 9);
        $blocks = Blocks::form(array_values($many), true, $gaps, [0], self::AWAY, [$stock]);
        self::assertCount(5, $blocks->pieces, 'two to a block');
        $this->laid(
            $blocks->apart((new Nest($blocks->gaps, [0]))->plan([$stock], $blocks->pieces)),
            $many,
            $gaps,
            $stock,
            true,
        );

        $large = [
            new NestPiece('large', Box::sized(120_000, 20_000)->region(), 1, null, '1'),
            new NestPiece('small', Box::sized(20_000, 20_000)->region(), 1, null, '1'),
        ];
        $blocks = Blocks::form($large, true, $gaps, [0], self::AWAY, [$stock]);
        $plan = $blocks->apart((new Nest($blocks->gaps, [0]))->plan([$stock], $blocks->pieces));
        self::assertSame(
            [['large', 1]],
            array_map(static fn (array $left): array => [$left['piece'], $left['count']], $plan->left),
        );
        self::assertStringContainsString('With its weed box it is 123 × 23 mm', $plan->left[0]['why']);
    }

    public function testWhereOneBoxWouldCrossAnotherOrderEachPartHasItsOwn(): void
    {
        $at = static fn (int $x, int $y): Region => (new Box($x, $y, $x + 20_000, $y + 20_000))->region();
        $room = Box::sized(200_000, 100_000)->region();
        $boxes = WeedBoxes::around(
            [
                [$at(5000, 5000), 'one'],
                [$at(28_000, 5000), 'one'],
                [$at(60_000, 5000), 'two'],
                [$at(100_000, 5000), 'one'],
            ],
            $room,
            self::AWAY,
        );
        self::assertEquals(
            [
                new Box(3500, 3500, 49_500, 26_500),
                new Box(98_500, 3500, 121_500, 26_500),
                new Box(58_500, 3500, 81_500, 26_500),
            ],
            $boxes,
        );
    }
}
