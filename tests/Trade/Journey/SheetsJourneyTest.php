<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Journey;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Journey\BatchMove;
use Yelbo\Trade\Journey\BatchState;
use Yelbo\Trade\Journey\IllegalMove;
use Yelbo\Trade\Journey\Journey;
use Yelbo\Trade\Journey\PlanMove;
use Yelbo\Trade\Journey\PlanState;
use Yelbo\Trade\Journey\RemnantState;

/** What may happen to a batch, to what a cut leaves, and to a plan: all pairs, tried one by one. */
final class SheetsJourneyTest extends TestCase
{
    /**
     * @param \Closure(): \BackedEnum $move
     *
     * @return string where it leads to; `refused` with a sentence else
     */
    private static function tried(\Closure $move): string
    {
        try {
            return (string) $move()->value;
        } catch (IllegalMove $illegal) {
            self::assertSame('illegal-move', $illegal->reason);
            self::assertMatchesRegularExpression('~^[“\p{Lu}].{10,}\.$~u', $illegal->getMessage());

            return 'refused';
        }
    }

    public function testABatch(): void
    {
        $allowed = [
            'released print' => 'released',
            'released coat' => 'released',
            'released start' => 'cutting',
            'released dissolve' => 'dissolved',
            'cutting finish' => 'cut',
            'cutting stop' => 'released',
        ];
        foreach (BatchState::cases() as $state) {
            foreach (BatchMove::cases() as $move) {
                $case = "$state->value $move->value";
                self::assertSame(
                    $allowed[$case] ?? 'refused',
                    self::tried(static fn (): BatchState => Journey::batch($state, $move)),
                    $case,
                );
            }
        }
    }

    /** A cut is not begun twice, and what is under the knife is not taken apart. */
    public function testNothingUnderTheKnifeIsBegunAgainOrTakenApart(): void
    {
        foreach ([BatchMove::Start, BatchMove::Dissolve] as $move) {
            self::assertSame(
                'refused',
                self::tried(static fn (): BatchState => Journey::batch(BatchState::Cutting, $move)),
            );
        }
    }

    public function testWhatACutLeavesIsPutAwayOnce(): void
    {
        foreach ([null, ...RemnantState::cases()] as $state) {
            foreach (RemnantState::cases() as $to) {
                $may = RemnantState::Waiting === $state && RemnantState::Waiting !== $to;
                self::assertSame(
                    $may ? $to->value : 'refused',
                    self::tried(static fn (): RemnantState => Journey::remnant($state, $to)),
                );
            }
        }
    }

    public function testAPlanIsReleasedOnceAndOnlyWhenNobodyWorksOnIt(): void
    {
        foreach (PlanState::cases() as $state) {
            $released = self::tried(static fn (): PlanState => Journey::plan($state, PlanMove::Release));
            $may = !$state->isUnderWay() && PlanState::Released !== $state;
            self::assertSame($may ? 'released' : 'refused', $released, $state->value);
            if (PlanState::Done !== $state) {
                self::assertSame(
                    'refused',
                    self::tried(static fn (): PlanState => Journey::plan($state, PlanMove::Edit)),
                    'by hand only what is done',
                );
            }
        }
        foreach (PlanMove::cases() as $move) {
            self::assertSame(
                'refused',
                self::tried(static fn (): PlanState => Journey::plan(PlanState::Released, $move)),
                'what is released stays so',
            );
        }
    }

    /** The moves made by one statement are those of the table: each state they lead from, and where to. */
    public function testMovesByOneStatementAreTheTables(): void
    {
        foreach (PlanMove::cases() as $move) {
            $moves = Journey::planMoves($move);
            self::assertNotSame([], $moves, "$move->value leads nowhere");
            foreach (PlanState::cases() as $state) {
                self::assertSame(
                    isset($moves[$state->value]) ? $moves[$state->value]->value : 'refused',
                    self::tried(static fn (): PlanState => Journey::plan($state, $move)),
                );
            }
        }
    }

    /** Nothing hangs: from every state of a plan that is under way there is a way to an end. */
    public function testEveryPlanUnderWayCanEnd(): void
    {
        foreach (array_filter(
            PlanState::cases(),
            static fn (PlanState $state): bool => $state->isUnderWay(),
        ) as $state) {
            $ends = array_filter(
                PlanMove::cases(),
                static fn (PlanMove $move): bool => isset(Journey::planMoves($move)[$state->value])
                    && !Journey::planMoves($move)[$state->value]->isUnderWay(),
            );
            self::assertNotSame([], $ends, $state->value);
        }
    }
}
