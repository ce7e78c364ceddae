<?php

declare(strict_types=1);

namespace Yelbo\Trade\Week;

/** An order as the week sees it: steps one after the other, and when it is due. */
final readonly class Job
{
    /**
     * @param int        $due    s since now; negative where that has passed
     * @param float      $weight how much a minute late counts
     * @param list<Task> $tasks  in order
     * @param int        $begins s since now: nothing of it can be done before, a yes is waited for or something dries
     */
    public function __construct(
        public string $id,
        public int $due,
        public float $weight,
        public array $tasks,
        public int $begins = 0,
    ) {
    }

    /** All its waits, s. */
    public function waits(): int
    {
        return array_sum(array_map(static fn (Task $task): int => $task->wait, $this->tasks));
    }

    /** All its work, s. */
    public function work(): int
    {
        return array_sum(array_map(static fn (Task $task): int => $task->seconds, $this->tasks));
    }
}
