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
        [PieceState::Ready, PieceMove::HandOver, PieceState::Delivered],
        [PieceState::Ready, PieceMove::Post, PieceState::OnItsWay],
        [PieceState::Ready, PieceMove::Spoil, PieceState::Waiting],
        [PieceState::OnItsWay, PieceMove::Deliver, PieceState::Delivered],
        [PieceState::OnItsWay, PieceMove::Spoil, PieceState::Waiting],
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

    /** @return list<DocketMove> */
    public static function docketMoves(DocketState $state): array
    {
        return array_values(array_map(static fn (array $row): DocketMove => $row[1], array_filter(self::DOCKET, static fn (array $row): bool => $row[0] === $state)));
    }

    /** @return list<PieceMove> */
    public static function pieceMoves(PieceState $state): array
    {
        return array_values(array_map(static fn (array $row): PieceMove => $row[1], array_filter(self::PIECE, static fn (array $row): bool => $row[0] === $state)));
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
