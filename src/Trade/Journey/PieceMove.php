<?php

declare(strict_types=1);

namespace Yelbo\Trade\Journey;

/** What can happen to one physical decal. */
enum PieceMove: string
{
    case Batch = 'batch';
    case Unbatch = 'unbatch';
    case StartCut = 'start-cut';
    case CutStopped = 'cut-stopped';
    case CutDone = 'cut-done';
    case Weeded = 'weeded';
    case Applied = 'applied';
    case Packed = 'packed';
    case Rested = 'rested';
    case HandOver = 'hand-over';
    case Post = 'post';
    case Deliver = 'deliver';
    case Spoil = 'spoil';
    case Withdraw = 'withdraw';
    case Await = 'await';

    /** What the button or the log says. */
    public function label(): string
    {
        return match ($this) {
            self::Batch => 'Put in a batch',
            self::Unbatch => 'Taken out of its batch',
            self::StartCut => 'Start cutting',
            self::CutStopped => 'Cutting stopped',
            self::CutDone => 'Cut',
            self::Weeded => 'All out: to the tape',
            self::Applied => 'Applied: start the wait',
            self::Packed => 'Packed',
            self::Rested => 'Rested: ready to send',
            self::HandOver => 'Handed over',
            self::Post => 'Posted',
            self::Deliver => 'Delivered',
            self::Withdraw => 'Withdrawn: the order was opened again',
            self::Await => 'Back to the bench: a piece of it is cut again',
            self::Spoil => 'Spoiled: cut it again',
        };
    }
}
