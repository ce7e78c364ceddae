<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Journey;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Journey\DocketMove;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Journey\IllegalMove;
use Yelbo\Trade\Journey\Journey;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Journey\Station;

final class JourneyTest extends TestCase
{
    /** Every pair of state and move that the table does not list is refused, with a sentence. */
    public function testEveryMoveIsEitherListedOrRefused(): void
    {
        $legal = 0;
        foreach (PieceState::cases() as $state) {
            foreach (PieceMove::cases() as $move) {
                if (\in_array($move, Journey::pieceMoves($state), true)) {
                    ++$legal;
                    Journey::piece($state, $move);
                    continue;
                }
                try {
                    Journey::piece($state, $move);
                    self::fail("{$move->value} from {$state->value} must be refused.");
                } catch (IllegalMove $illegal) {
                    self::assertSame('illegal-move', $illegal->reason);
                    self::assertStringContainsString($move->label(), $illegal->getMessage());
                }
            }
        }
        self::assertSame(23, $legal);
        foreach (DocketState::cases() as $state) {
            foreach (DocketMove::cases() as $move) {
                if (!\in_array($move, Journey::docketMoves($state), true)) {
                    try {
                        Journey::docket($state, $move);
                        self::fail("{$move->value} from {$state->value} must be refused.");
                    } catch (IllegalMove $illegal) {
                        self::assertNotSame('', $illegal->getMessage());
                    }
                }
            }
        }
    }

    public function testThePlainWayThrough(): void
    {
        $state = PieceState::Waiting;
        foreach (
            [
                PieceMove::Batch,
                PieceMove::StartCut,
                PieceMove::CutDone,
                PieceMove::Weeded,
                PieceMove::Applied,
                PieceMove::Rested,
                PieceMove::Post,
                PieceMove::Deliver,
            ] as $move
        ) {
            $state = Journey::piece($state, $move);
        }
        self::assertSame(PieceState::Delivered, $state);
        $state = DocketState::Asking;
        foreach (
            [
                DocketMove::Take,
                DocketMove::MakeProof,
                DocketMove::Change,
                DocketMove::MakeProof,
                DocketMove::Approve,
                DocketMove::Finish,
            ] as $move
        ) {
            $state = Journey::docket($state, $move);
        }
        self::assertSame(DocketState::Done, $state);
    }

    public function testAPieceCanBeSpoiledAtEveryStationAfterBatchAndComesBackToBatch(): void
    {
        foreach (PieceState::cases() as $state) {
            if (!\in_array($state, [PieceState::Waiting, PieceState::Delivered, PieceState::Withdrawn], true)) {
                self::assertSame(Station::Batch, Journey::piece($state, PieceMove::Spoil)->station(), $state->value);
            }
        }
    }

    public function testADocketStandsWhereItsLastPieceStands(): void
    {
        self::assertSame(Station::Size, Journey::station(DocketState::Sizing, []));
        self::assertSame(
            Station::Weed,
            Journey::station(DocketState::Making, [PieceState::Ready, PieceState::Weeding, PieceState::Curing]),
        );
        self::assertNull(Journey::station(DocketState::Making, [PieceState::Delivered]));
        self::assertSame([1, 8], [Station::Ask->number(), Station::Send->number()]);
    }

    public function testEveryStateCanBeReachedAndLeft(): void
    {
        foreach (PieceState::cases() as $state) {
            if (PieceState::Delivered !== $state && PieceState::Withdrawn !== $state) {
                self::assertNotSame([], Journey::pieceMoves($state), $state->value);
            }
        }
        self::assertSame([], Journey::pieceMoves(PieceState::Delivered));
        self::assertSame([], Journey::pieceMoves(PieceState::Withdrawn));
        self::assertSame(DocketState::Sizing, Journey::docket(DocketState::Making, DocketMove::Reopen));
        self::assertSame([], Journey::docketMoves(DocketState::Cancelled));
    }
}
