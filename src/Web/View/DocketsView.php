<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Dockets in a list. */
final readonly class DocketsView
{
    /**
     * @param list<DocketRow> $dockets due soonest first; those found the newest first
     * @param int             $from    how many come before them
     * @param int             $many    how many there are in all
     */
    public function __construct(public array $dockets, public int $from, public int $many)
    {
    }
}
