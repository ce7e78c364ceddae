<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Sheet;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;
use Yelbo\Trade\Sheet\PlanFigures;
use Yelbo\Trade\Sheet\PlannedPiece;
use Yelbo\Trade\Sheet\PlannedSheet;

/** What a plan costs, worked out by hand, and what must hold of every plan. */
final class PlanFiguresTest extends TestCase
{
    private static function piece(int $decal, int $top = 0): PlannedPiece
    {
        return new PlannedPiece($decal, new Box(0, $top, 100_000, $top + 40_000), 600_000.0, 2.0);
    }

    public function testFilmIsTheUsedLengthOfASheetAndAllOfAnOffcut(): void
    {
        $figures = PlanFigures::forSheets(
            [
                new PlannedSheet(300_000, 600_000, 200_000, false, 60_000, 120_000, 50_000, [self::piece(1)]),
                new PlannedSheet(150_000, 128_000, 107_000, true, 12_000, 2_000, 50_000, [self::piece(2)]),
            ],
            Rules::standard(),
            null,
        );
        self::assertSame(0.074, $figures->film, '0.06 of the sheet; of the offcut all, the rest is too short to keep');
        self::assertSame([0.12, null], [$figures->back, $figures->backWorth], 'what is left of the sheet');
        self::assertSame([2, 2, 1], [$figures->placed, $figures->sheets, $figures->offcuts]);
        self::assertSame(400_000, $figures->remnant, 'what stays square of the last sheet; an odd rest does not count');
        self::assertNull($figures->cost, 'a film without a price has no cost');
    }

    public function testMinutesAndFilmMakeTheMoney(): void
    {
        $rules = Rules::standard();
        $figures = PlanFigures::forSheets(
            [new PlannedSheet(300_000, 600_000, 200_000, false, 60_000, 120_000, 50_000, [self::piece(1)])],
            $rules,
            980,
        );
        $minutes = $figures->cutting + $figures->weeding;
        self::assertGreaterThanOrEqual(2.0, $figures->weeding, 'the piece itself takes two minutes');
        self::assertEqualsWithDelta(
            980 * 0.06 + 100 * $rules->value(Rule::BenchHour) / 60 * $minutes,
            $figures->cost,
            6,
        );
    }

    public function testOfALongOffcutOnlyWhatIsUsedIsTaken(): void
    {
        $figures = PlanFigures::forSheets(
            [new PlannedSheet(300_000, 567_000, 44_000, true, 13_200, 156_900, 50_000, [self::piece(1)])],
            Rules::standard(),
            980,
        );
        self::assertSame([0.0132, 0.1569, 154], [$figures->film, $figures->back, $figures->backWorth]);
    }

    public function testPartsOfOneDecalTakeTimeToJoin(): void
    {
        $laid = static fn (int $second): PlanFigures => PlanFigures::forSheets(
            [
                new PlannedSheet(
                    300_000,
                    600_000,
                    200_000,
                    false,
                    60_000,
                    120_000,
                    50_000,
                    [self::piece(1), self::piece($second, 60_000)],
                ),
            ],
            Rules::standard(),
            980,
        );
        self::assertEqualsWithDelta(
            Rules::standard()->value(Rule::JoinPart),
            $laid(1)->weeding - $laid(2)->weeding,
            0.11,
        );
        self::assertGreaterThan($laid(2)->cost, $laid(1)->cost);
    }

    public function testMoreFilmNeverCostsLess(): void
    {
        $cost = static fn (int $length): ?int => PlanFigures::forSheets(
            [
                new PlannedSheet(
                    300_000,
                    600_000,
                    $length,
                    false,
                    0.3 * $length,
                    0.3 * (600_000 - $length),
                    50_000,
                    [self::piece(1)],
                ),
            ],
            Rules::standard(),
            980,
        )->cost;
        $before = 0;
        foreach ([50_000, 100_000, 400_000, 600_000] as $length) {
            self::assertGreaterThan($before, $cost($length));
            $before = (int) $cost($length);
        }
    }
}
