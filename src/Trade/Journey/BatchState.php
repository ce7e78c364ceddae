<?php

declare(strict_types=1);

namespace Yelbo\Trade\Journey;

/** Where a batch stands. */
enum BatchState: string
{
    /** Its sheet is frozen, its film taken; waits for the cutter. */
    case Released = 'released';
    case Cutting = 'cutting';
    case Cut = 'cut';
    /** Taken apart again: its pieces wait for film. */
    case Dissolved = 'dissolved';
}
