<?php

declare(strict_types=1);

namespace Yelbo\Trade\Week;

/** Where somebody has put a step: it stays there, and the rest gives way. */
final readonly class Pin
{
    /**
     * @param int      $hand    by its place
     * @param int|null $machine by its place; none where it takes none
     * @param int      $from    s since now
     */
    public function __construct(public int $hand, public ?int $machine, public int $from)
    {
    }
}
