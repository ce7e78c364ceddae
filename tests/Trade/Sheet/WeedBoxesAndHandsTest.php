<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Sheet;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Knife\Machine;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;
use Yelbo\Trade\Sheet\Effort;
use Yelbo\Trade\Sheet\Fixed;
use Yelbo\Trade\Sheet\Gaps;
use Yelbo\Trade\Sheet\NearestFreePlace;
use Yelbo\Trade\Sheet\Nest;
use Yelbo\Trade\Sheet\NestPiece;
use Yelbo\Trade\Sheet\NestStock;
use Yelbo\Trade\Sheet\Place;
use Yelbo\Trade\Sheet\WeedBoxes;

final class WeedBoxesAndHandsTest extends TestCase
{
    private function at(int $left, int $top, int $side): Region
    {
        return Box::sized($side * 1000, $side * 1000)
            ->moved($left * 1000, $top * 1000)
            ->region();
    }

    public function testAWeedBoxStandsRoundEachPieceOrRoundEachOrder(): void
    {
        $room = Box::sized(300_000, 300_000)->region();
        $alone = WeedBoxes::around([[$this->at(10, 10, 30), 'a'], [$this->at(60, 10, 30), 'b']], $room, 1500);
        self::assertSame(
            [[8500, 8500, 41_500, 41_500], [58_500, 8500, 91_500, 41_500]],
            array_map(static fn (Box $box): array => [$box->left, $box->top, $box->right, $box->bottom], $alone),
        );
        $together = WeedBoxes::around([[$this->at(10, 10, 30), 'a'], [$this->at(60, 10, 30), 'a']], $room, 1500);
        self::assertSame(
            [[8500, 8500, 91_500, 41_500]],
            array_map(static fn (Box $box): array => [$box->left, $box->top, $box->right, $box->bottom], $together),
        );
    }

    public function testABoxThatWouldCutAPieceOrLeaveTheSheetIsLeftOut(): void
    {
        $room = Box::sized(300_000, 300_000)->region();
        $angle = SvgPath::read('M10 10H110V25H25V110H10Z');
        self::assertCount(
            1,
            WeedBoxes::around([[$angle, 'a'], [$this->at(60, 60, 80), 'b']], $room, 1500),
            'only the square’s box misses the angle',
        );
        self::assertSame([], WeedBoxes::around([[$this->at(0, 0, 30), 'a']], $room, 1500));
        $frame = SvgPath::read('M10 10H110V110H10ZM15 15V105H105V15Z');
        self::assertCount(
            2,
            WeedBoxes::around([[$frame, 'a'], [$this->at(40, 40, 30), 'b']], $room, 1500),
            'one inside the other',
        );
    }

    public function testAPieceLetGoWhereItMayNotLieGoesToTheNearestPlaceThatIsFree(): void
    {
        $gaps = new Gaps(3000, 8000, 2000);
        $piece = new NestPiece('p', $this->at(0, 0, 40), 1, null, '412');
        $friend = new NestPiece('f', $this->at(0, 0, 40), 1, null, '412');
        $other = new NestPiece('o', $this->at(0, 0, 40), 1, null, '413');
        $settle = new NearestFreePlace(NestStock::sheet('s', 200_000, 100_000), $gaps, [
            [$friend, new Place('f', 20_000, 20_000, 0)],
            [$other, new Place('o', 140_000, 20_000, 0)],
        ]);
        self::assertTrue(
            $settle->allows($piece, new Place('p', 63_000, 20_000, 0)),
            '3 mm beside one of its own order',
        );
        self::assertFalse($settle->allows($piece, new Place('p', 62_000, 20_000, 0)));
        self::assertSame(['f'], $settle->touched($piece, new Place('p', 61_000, 20_000, 0)));
        self::assertSame(
            ['o'],
            $settle->touched($piece, new Place('p', 95_000, 20_000, 0)),
            '5 mm beside another order’s',
        );
        $found = $settle->near($piece, new Place('p', 60_000, 20_000, 0), 30_000);
        self::assertNotNull($found);
        self::assertEqualsWithDelta(63_000, $found->x, 1000);
        self::assertTrue($settle->allows($piece, $found));
        self::assertNull($settle->near($piece, new Place('p', 20_000, 20_000, 0), 10_000), 'no room within reach');
        self::assertNull($settle->near($piece, new Place('p', 500_000, 20_000, 0), 10_000), 'off the film');
    }

    public function testFixedPiecesStayAndTheirSheetIsFilledFirst(): void
    {
        $gaps = Gaps::same(3000, 2000);
        $stock = [NestStock::sheet('s', 106_000, 106_000, 4)];
        $fixed = [new Fixed(0, [[new NestPiece('kept', $this->at(0, 0, 48)), new Place('kept', 29_300, 29_700, 0)]])];
        $plan = (new Nest($gaps))->plan($stock, [new NestPiece('p', $this->at(0, 0, 20), 4)], null, $fixed);
        self::assertSame([], $plan->left);
        self::assertCount(1, $plan->sheets);
        self::assertEquals(new Place('kept', 29_300, 29_700, 0), $plan->sheets[0]->places[0]);
        $put = [
            $this->at(0, 0, 48)->moved(29_300, 29_700),
            ...array_map(
                fn (Place $place): Region => $place->put($this->at(0, 0, 20)),
                \array_slice($plan->sheets[0]->places, 1),
            ),
        ];
        self::assertSame([], Geos::tooNear($put, static fn (): int => 2990));
    }

    public function testOnlyWhatTheMachineReachesIsUsed(): void
    {
        $rules = Rules::standard()
            ->with(Rule::MarginSide, 10)
            ->with(Rule::MarginTop, 20)
            ->with(Rule::CutWidth, 100)
            ->with(Rule::CutLength, 80);
        $reach = Machine::reach($rules, 300_000, 600_000);
        self::assertEquals(new Box(10_000, 20_000, 110_000, 100_000), $reach);
        self::assertNull(Machine::reach($rules, 300_000, 40_000), 'too short to be loaded');
        $plan = (new Nest(Gaps::same(3000, 2000)))->plan(
            [NestStock::sheet('s', 300_000, 600_000, 1, $reach)],
            [new NestPiece('p', $this->at(0, 0, 45), 3)],
        );
        self::assertCount(2, $plan->sheets[0]->places);
        self::assertSame(1, $plan->left[0]['count']);
        foreach ($plan->sheets[0]->places as $place) {
            self::assertTrue((bool) $reach?->holds($place->put($this->at(0, 0, 45))->box()));
        }
    }

    public function testPiecesOfOneOrderMayLieNearer(): void
    {
        $stock = [NestStock::sheet('s', 107_000, 54_000)];
        $pieces = static fn (string $other): array => [
            new NestPiece('a', Box::sized(50_000, 50_000)->region(), 1, null, '412'),
            new NestPiece('b', Box::sized(50_000, 50_000)->region(), 1, null, $other),
        ];
        $nest = new Nest(new Gaps(3000, 8000, 2000));
        self::assertSame([], $nest->plan($stock, $pieces('412'))->left);
        self::assertCount(1, $nest->plan($stock, $pieces('413'))->left);
        self::assertCount(1, $nest->plan($stock, $pieces(''))->left, 'what belongs with nothing keeps the larger gap');
    }

    public function testBoxesThatReachIntoEachOtherTakeLongerToWeed(): void
    {
        $effort = new Effort(Rules::standard());
        $apart = [Box::sized(10_000, 10_000), Box::sized(10_000, 10_000)->moved(20_000, 0)];
        self::assertSame(0.0, $effort->untangling($apart));
        self::assertEqualsWithDelta(
            4 / 60,
            $effort->untangling([Box::sized(10_000, 10_000), Box::sized(10_000, 10_000)->moved(5000, 0)]),
            1e-9,
        );
        self::assertEqualsWithDelta(
            (8000 / 80 + (0.7124 * sqrt(2 * 30 * 10)) / 200) / 60,
            $effort->cutting(8000, $apart),
            1e-9,
        );
    }
}
