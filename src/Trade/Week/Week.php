<?php

declare(strict_types=1);

namespace Yelbo\Trade\Week;

/** A plan of hands, machines and drying: what is done when and by whom, and what comes late. */
final readonly class Week
{
    /**
     * @param list<Placed> $placed by job and step
     * @param list<int>    $ready  when each job is, its waits over, s since now
     * @param list<int>    $late   whole minutes past due of each
     */
    public function __construct(public array $placed, public array $ready, public array $late)
    {
    }

    /** How many come late. */
    public function jobsLate(): int
    {
        return \count(array_filter($this->late));
    }

    /** @param list<Job> $jobs */
    public function weighted(array $jobs): float
    {
        $weighted = 0.0;
        foreach ($jobs as $nth => $job) {
            $weighted += $job->weight * $this->late[$nth];
        }

        return $weighted;
    }
}
