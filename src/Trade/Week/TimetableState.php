<?php

declare(strict_types=1);

namespace Yelbo\Trade\Week;

/**
 * How far a timetable is: what is free still, and when each job can go on. It is changed in place and cloned where it
 * is needed again.
 */
final class TimetableState
{
    /**
     * @param array<int, list<array{int, int}>> $hands    what each has free, from and to, s since now
     * @param array<int, list<array{int, int}>> $machines the same of each
     * @param array<int, int>                   $ready    when each job can go on, s since now
     * @param array<int, int>                   $next     which step of each is next
     * @param array<int, array<int, Pin>>       $kept     what is kept free for a step, by job and step
     */
    public function __construct(
        public array $hands,
        public array $machines,
        public array $ready,
        public array $next,
        public array $kept = [],
    ) {
    }
}
