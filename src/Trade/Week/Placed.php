<?php

declare(strict_types=1);

namespace Yelbo\Trade\Week;

/** When and by whom a step is done. */
final readonly class Placed
{
    /**
     * @param int      $job     its place
     * @param int      $task    which of its steps, from 0
     * @param int      $hand    by its place
     * @param int|null $machine by its place; none where it takes none
     * @param int      $from    s since now
     * @param int      $to      s since now
     */
    public function __construct(
        public int $job,
        public int $task,
        public int $hand,
        public ?int $machine,
        public int $from,
        public int $to,
    ) {
    }
}
