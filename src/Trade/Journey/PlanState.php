<?php

declare(strict_types=1);

namespace Yelbo\Trade\Journey;

/** Where a plan of a sheet stands while it is made, and after. */
enum PlanState: string
{
    /** Nobody works on it yet. */
    case Waiting = 'waiting';
    case Working = 'working';
    /** Thought about to the end, or given up with the best so far. */
    case Done = 'done';
    case Failed = 'failed';
    /** It has become batches. */
    case Released = 'released';

    /** Whether somebody still works on it or will. */
    public function isUnderWay(): bool
    {
        return self::Waiting === $this || self::Working === $this;
    }
}
