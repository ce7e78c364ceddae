<?php

declare(strict_types=1);

namespace Yelbo\Trade\Journey;

/** What became of the film a cut left over. */
enum RemnantState: string
{
    /** Lies beside the cutter, to be put away. */
    case Waiting = 'waits';
    case Shelved = 'shelved';
    case Scrapped = 'scrapped';
}
