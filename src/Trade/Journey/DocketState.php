<?php

declare(strict_types=1);

namespace Yelbo\Trade\Journey;

/** Where an order line stands until its pieces are made, and after. */
enum DocketState: string
{
    /** Begun at the counter, something still to be asked. */
    case Asking = 'asking';
    case Sizing = 'sizing';
    /** Waits for a yes. */
    case Proofing = 'proofing';
    /** Approved: its pieces are on their own ways through the shop. */
    case Making = 'making';
    case Done = 'done';
    case Cancelled = 'cancelled';

    /** The station it stands at; none off the line. */
    public function station(): ?Station
    {
        return match ($this) {
            self::Asking => Station::Ask,
            self::Sizing => Station::Size,
            self::Proofing => Station::Proof,
            default => null,
        };
    }
}
