<?php

declare(strict_types=1);

namespace Yelbo\Trade\Journey;

/**
 * The one table of what may follow what. Every action of the shop asks here first, so an
 * illegal move is impossible everywhere at once. Source: handbook section 2.
 */
final class Journey
{
    /** @var list<array{DocketState, DocketMove, DocketState}> */
    private const DOCKET = [
        [DocketState::Asking, DocketMove::Take, DocketState::Sizing],
        [DocketState::Asking, DocketMove::Cancel, DocketState::Cancelled],
        [DocketState::Sizing, DocketMove::MakeProof, DocketState::Proofing],
        [DocketState::Sizing, DocketMove::AskAgain, DocketState::Asking],
        [DocketState::Sizing, DocketMove::Cancel, DocketState::Cancelled],
        [DocketState::Proofing, DocketMove::Approve, DocketState::Making],
        [DocketState::Proofing, DocketMove::Change, DocketState::Sizing],
        [DocketState::Proofing, DocketMove::Cancel, DocketState::Cancelled],
        [DocketState::Making, DocketMove::Reopen, DocketState::Sizing],
        [DocketState::Making, DocketMove::Finish, DocketState::Done],
    ];

    /** @var list<array{PieceState, PieceMove, PieceState}> */
    private const PIECE = [
        [PieceState::Waiting, PieceMove::Batch, PieceState::Batched],
        [PieceState::Waiting, PieceMove::Withdraw, PieceState::Withdrawn],
        [PieceState::Batched, PieceMove::Unbatch, PieceState::Waiting],
        [PieceState::Batched, PieceMove::StartCut, PieceState::Cutting],
        [PieceState::Batched, PieceMove::Spoil, PieceState::Waiting],
        [PieceState::Cutting, PieceMove::CutStopped, PieceState::Batched],
        [PieceState::Cutting, PieceMove::CutDone, PieceState::Weeding],
        [PieceState::Cutting, PieceMove::Spoil, PieceState::Waiting],
        [PieceState::Weeding, PieceMove::Weeded, PieceState::Applying],
        [PieceState::Weeding, PieceMove::Spoil, PieceState::Waiting],
        [PieceState::Applying, PieceMove::Applied, PieceState::Curing],
        [PieceState::Applying, PieceMove::Packed, PieceState::Ready],
        [PieceState::Applying, PieceMove::Spoil, PieceState::Waiting],
        [PieceState::Curing, PieceMove::Rested, PieceState::Ready],
        [PieceState::Curing, PieceMove::Spoil, PieceState::Waiting],
        [PieceState::Curing, PieceMove::Await, PieceState::Applying],
        [PieceState::Ready, PieceMove::Await, PieceState::Applying],
        [PieceState::OnItsWay, PieceMove::Await, PieceState::Applying],
        [PieceState::Ready, PieceMove::HandOver, PieceState::Delivered],
        [PieceState::Ready, PieceMove::Post, PieceState::OnItsWay],
        [PieceState::Ready, PieceMove::Spoil, PieceState::Waiting],
        [PieceState::OnItsWay, PieceMove::Deliver, PieceState::Delivered],
        [PieceState::OnItsWay, PieceMove::Spoil, PieceState::Waiting],
    ];

    /**
     * How far every piece of a thing has to be before one of them makes a move.
     *
     * @var list<array{PieceMove, PieceState}>
     */
    private const TOGETHER = [
        [PieceMove::Applied, PieceState::Applying],
        [PieceMove::Packed, PieceState::Applying],
        [PieceMove::HandOver, PieceState::Ready],
        [PieceMove::Post, PieceState::Ready],
    ];

    /** @var list<array{BatchState, BatchMove, BatchState}> */
    private const BATCH = [
        [BatchState::Released, BatchMove::Print, BatchState::Released],
        [BatchState::Released, BatchMove::Coat, BatchState::Released],
        [BatchState::Released, BatchMove::Start, BatchState::Cutting],
        [BatchState::Released, BatchMove::Dissolve, BatchState::Dissolved],
        [BatchState::Cutting, BatchMove::Finish, BatchState::Cut],
        [BatchState::Cutting, BatchMove::Stop, BatchState::Released],
    ];

    /** @var list<array{RemnantState, RemnantState}> */
    private const REMNANT = [
        [RemnantState::Waiting, RemnantState::Shelved],
        [RemnantState::Waiting, RemnantState::Scrapped],
    ];

    /** @var list<array{PlanState, PlanMove, PlanState}> */
    private const PLAN = [
        [PlanState::Waiting, PlanMove::Begin, PlanState::Working],
        [PlanState::Waiting, PlanMove::GiveUp, PlanState::Done],
        [PlanState::Waiting, PlanMove::Fail, PlanState::Failed],
        [PlanState::Waiting, PlanMove::Resume, PlanState::Waiting],
        [PlanState::Working, PlanMove::Finish, PlanState::Done],
        [PlanState::Working, PlanMove::GiveUp, PlanState::Working],
        [PlanState::Working, PlanMove::Fail, PlanState::Failed],
        [PlanState::Working, PlanMove::Resume, PlanState::Waiting],
        [PlanState::Done, PlanMove::Resume, PlanState::Waiting],
        [PlanState::Done, PlanMove::Edit, PlanState::Done],
        [PlanState::Done, PlanMove::Release, PlanState::Released],
        [PlanState::Failed, PlanMove::Release, PlanState::Released],
    ];

    private function __construct()
    {
    }

    /** @throws IllegalMove */
    public static function docket(DocketState $state, DocketMove $move): DocketState
    {
        foreach (self::DOCKET as [$from, $by, $to]) {
            if ($from === $state && $by === $move) {
                return $to;
            }
        }
        throw IllegalMove::docket($state, $move);
    }

    /** @throws IllegalMove */
    public static function piece(PieceState $state, PieceMove $move): PieceState
    {
        foreach (self::PIECE as [$from, $by, $to]) {
            if ($from === $state && $by === $move) {
                return $to;
            }
        }
        throw IllegalMove::piece($state, $move);
    }

    /** Whether a piece of the same thing is not far enough for one of them to make a move. */
    public static function holdsBack(PieceMove $move, PieceState $other): bool
    {
        foreach (self::TOGETHER as [$by, $least]) {
            if ($by === $move && $other->rank() < $least->rank()) {
                return true;
            }
        }

        return false;
    }

    /** @throws IllegalMove */
    public static function batch(BatchState $state, BatchMove $move): BatchState
    {
        foreach (self::BATCH as [$from, $by, $to]) {
            if ($from === $state && $by === $move) {
                return $to;
            }
        }
        throw IllegalMove::batch($state, $move);
    }

    /**
     * Film a cut left is put away once.
     *
     * @throws IllegalMove
     */
    public static function remnant(?RemnantState $state, RemnantState $to): RemnantState
    {
        return \in_array([$state, $to], self::REMNANT, true) ? $to : throw IllegalMove::remnant();
    }

    /** @throws IllegalMove */
    public static function plan(PlanState $state, PlanMove $move): PlanState
    {
        return self::planMoves($move)[$state->value] ?? throw IllegalMove::plan($state);
    }

    /** @return array<string, PlanState> where a move leads to, by the state it leads from */
    public static function planMoves(PlanMove $move): array
    {
        $to = [];
        foreach (self::PLAN as [$from, $by, $next]) {
            if ($by === $move) {
                $to[$from->value] = $next;
            }
        }

        return $to;
    }

    /** @return list<DocketMove> */
    public static function docketMoves(DocketState $state): array
    {
        return array_values(
            array_map(
                static fn (array $row): DocketMove => $row[1],
                array_filter(self::DOCKET, static fn (array $row): bool => $row[0] === $state),
            ),
        );
    }

    /** @return list<PieceMove> */
    public static function pieceMoves(PieceState $state): array
    {
        return array_values(
            array_map(
                static fn (array $row): PieceMove => $row[1],
                array_filter(self::PIECE, static fn (array $row): bool => $row[0] === $state),
            ),
        );
    }

    /**
     * Where a docket stands: where the piece furthest behind stands.
     *
     * @param list<PieceState> $pieces
     */
    public static function station(DocketState $docket, array $pieces): ?Station
    {
        if (DocketState::Making !== $docket) {
            return $docket->station();
        }
        usort($pieces, static fn (PieceState $a, PieceState $b): int => $a->rank() <=> $b->rank());

        return ($pieces[0] ?? PieceState::Delivered)->station();
    }
}
