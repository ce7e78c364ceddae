<?php

declare(strict_types=1);

namespace Yelbo\Trade\Week;

use Yelbo\Trade\Refused;

/** Plans jobs in hours that are looked ahead as far as it takes. */
final readonly class Outlook
{
    private function __construct(public WeekPlanner $planner, public Week $week)
    {
    }

    /**
     * @param list<Job>   $jobs
     * @param list<Hours> $hands    when each works
     * @param int         $machines how many there are
     * @param list<int>   $kept     the order of steps of the plan there was, as `WeekPlanner::plan()`
     * @param int|null    $placed   how many steps are placed at the most; as many as there is time for where left out
     *
     * @throws Refused where there are no hours to work in
     */
    public static function of(
        array $jobs,
        array $hands,
        \DateTimeImmutable $now,
        int $machines,
        array $kept = [],
        ?int $placed = null,
    ): self {
        $longest = max([0, ...array_map(static fn (Hours $one): int => $one->longest(), $hands)]);
        if (0 === $longest && [] !== $jobs) {
            throw new Refused('closed', 'It is never open: there are no hours to work in.');
        }
        $work = array_sum(array_map(static fn (Job $job): int => $job->work(), $jobs));
        $waits = max([0, ...array_map(static fn (Job $job): int => max(0, $job->begins) + $job->waits(), $jobs)]);
        for ($held = 2 * $work + $waits + 4 * $longest;; $held *= 2) {
            $planner = new WeekPlanner(
                $jobs,
                array_map(
                    static fn (Hours $one): array => [] === $jobs || 0 === $one->longest()
                        ? []
                        : $one->from($now, $held),
                    $hands,
                ),
                $machines,
                ...null === $placed ? [] : [$placed],
            );
            try {
                return new self($planner, $planner->plan($kept));
            } catch (OutOfHours) {
                continue;
            }
        }
    }
}
