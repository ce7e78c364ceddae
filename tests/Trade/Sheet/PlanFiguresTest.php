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
                new PlannedSheet(300_000, 600_000, 200_000, false, 0, [self::piece(1)]),
                new PlannedSheet(150_000, 128_000, 107_000, true, 14_000, [self::piece(2)]),
            ],
            Rules::standard(),
            null,
        );
        self::assertSame(0.074, $figures->film, '0.06 of the sheet and 0.014 of the offcut');
        self::assertSame([2, 2, 1], [$figures->placed, $figures->sheets, $figures->offcuts]);
        self::assertSame(400_000, $figures->remnant, 'what stays square of the last sheet; an odd rest does not count');
        self::assertNull($figures->cost, 'a film without a price has no cost');
    }

    public function testMinutesAndFilmMakeTheMoney(): void
    {
        $rules = Rules::standard();
        $figures = PlanFigures::forSheets(
            [new PlannedSheet(300_000, 600_000, 200_000, false, 0, [self::piece(1)])],
            $rules,
            980,
        );
        $minutes = $figures->cutting + $figures->weeding;
        self::assertGreaterThanOrEqual(2.0, $figures->weeding, 'the piece itself takes two minutes');
        self::assertEqualsWithDelta(980 * 0.06 + 100 * $rules->value(Rule::BenchMinute) * $minutes, $figures->cost, 6);
    }

    public function testPartsOfOneDecalTakeTimeToJoin(): void
    {
        $laid = static fn (int $second): PlanFigures => PlanFigures::forSheets(
            [new PlannedSheet(300_000, 600_000, 200_000, false, 0, [self::piece(1), self::piece($second, 60_000)])],
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
            [new PlannedSheet(300_000, 600_000, $length, false, 0, [self::piece(1)])],
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
