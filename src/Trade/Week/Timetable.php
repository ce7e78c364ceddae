<?php

declare(strict_types=1);

namespace Yelbo\Trade\Week;

/**
 * Puts the steps of jobs where they can be done soonest, in an order that is given: nobody does two things at once, no
 * machine either, and what is begun is done in one go. Every timetable in which no step could be done sooner alone is
 * that of some order.
 *
 * Gaps are lists of from and to, s since now.
 *
 * @phpstan-import-type Gaps from FreeGaps
 */
final readonly class Timetable
{
    /**
     * @param list<Job>              $jobs
     * @param list<list<array{int, int}>> $hands    when each works
     * @param int                    $machines how many there are
     */
    public function __construct(private array $jobs, private array $hands, private int $machines)
    {
    }

    /** Nothing is placed yet; what somebody has put somewhere is kept free, the first that was put there first. */
    public function empty(): TimetableState
    {
        $state = new TimetableState(
            $this->hands,
            array_fill(0, $this->machines, [[0, FreeGaps::FOR_EVER]]),
            array_map(static fn (Job $job): int => $job->begins, $this->jobs),
            array_fill(0, \count($this->jobs), 0),
        );
        foreach ($this->jobs as $nth => $job) {
            foreach ($job->tasks as $at => $task) {
                if (null !== $task->pin && $this->isFree($state, $task->pin, $task->by($task->pin->hand))) {
                    $until = $task->pin->from + $task->by($task->pin->hand);
                    FreeGaps::take($state->hands[$task->pin->hand], $task->pin->from, $until);
                    if (null !== $task->pin->machine) {
                        FreeGaps::take($state->machines[$task->pin->machine], $task->pin->from, $until);
                    }
                    $state->kept[$nth][$at] = $task->pin;
                }
            }
        }

        return $state;
    }

    private function isFree(TimetableState $state, Pin $pin, int $seconds): bool
    {
        $fits = static function (array $gaps) use ($pin, $seconds): bool {
            foreach ($gaps as [$from, $to]) {
                if ($from <= $pin->from && $pin->from + $seconds <= $to) {
                    return true;
                }
            }

            return false;
        };

        return $fits($state->hands[$pin->hand] ?? [])
            && (null === $pin->machine || $fits($state->machines[$pin->machine] ?? []));
    }

    /**
     * Places the next step of a job as soon as it can be done.
     *
     * @param int $job its number
     *
     * @throws OutOfHours where the hours that are known do not hold it
     */
    public function place(TimetableState $state, int $job): Placed
    {
        [$from, $to, $hand, $machine] = $this->best($state, $job);
        $step = $state->next[$job]++;
        if (!isset($state->kept[$job][$step]) || $state->kept[$job][$step]->from !== $from) {
            FreeGaps::take($state->hands[$hand], $from, $to);
            if (null !== $machine) {
                FreeGaps::take($state->machines[$machine], $from, $to);
            }
        }
        $state->ready[$job] = $to + $this->jobs[$job]->tasks[$step]->wait;

        return new Placed($job, $step, $hand, $machine, $from, $to);
    }

    /**
     * When the next step of a job could begin, s since now.
     *
     * @param int $job its number
     *
     * @throws OutOfHours where the hours that are known do not hold it
     */
    public function begins(TimetableState $state, int $job): int
    {
        return $this->best($state, $job)[0];
    }

    /**
     * Where the next step of a job ends soonest: from, to, by which hand, on which machine.
     *
     * @return array{int, int, int, int|null}
     */
    private function best(TimetableState $state, int $job): array
    {
        $task = $this->jobs[$job]->tasks[$state->next[$job]];
        $least = $state->ready[$job];
        $pin = $state->kept[$job][$state->next[$job]] ?? null;
        if (null !== $pin && $pin->from >= $least) {
            return [$pin->from, $pin->from + $task->by($pin->hand), $pin->hand, $pin->machine];
        }
        $best = null;
        foreach ($task->hands as $hand) {
            foreach ([] === $task->machines ? [null] : $task->machines as $machine) {
                $spot = $this->spot(
                    $state->hands[$hand],
                    null === $machine ? null : $state->machines[$machine],
                    $least,
                    $task->by($hand),
                    $hand,
                    null === $best ? FreeGaps::FOR_EVER : $best[1],
                );
                if (null !== $spot && (null === $best || $spot[1] < $best[1])) {
                    $best = [$spot[0], $spot[1], $hand, $machine];
                }
            }
        }
        if (null === $best) {
            throw new OutOfHours('The hours do not hold the work.');
        }

        return $best;
    }

    /**
     * @param Gaps      $hand
     * @param Gaps|null $machine
     * @param int       $before  it has to end before, else it is of no use
     *
     * @return array{int, int}|null from and to
     */
    private function spot(array $hand, ?array $machine, int $least, int $seconds, int $which, int $before): ?array
    {
        for ($at = FreeGaps::first($hand, $least), $many = \count($hand); $at < $many; ++$at) {
            [$from, $to] = $hand[$at];
            $start = $from > $least ? $from : $least;
            if ($start + $seconds >= $before && $seconds > 0) {
                return null;
            }
            if ($to - $start < $seconds) {
                continue;
            }
            $start = null === $machine ? $start : FreeGaps::fit($machine, $start, $seconds);
            if ($start + $seconds <= $to) {
                return [$start, $start + $seconds];
            }
        }

        return $this->overNights($hand, $machine, $least, $seconds, $which, $before);
    }

    /**
     * What is longer than every stretch runs on over breaks and nights; nothing else comes between.
     *
     * @param Gaps      $hand
     * @param Gaps|null $machine
     *
     * @return array{int, int}|null
     */
    private function overNights(
        array $hand,
        ?array $machine,
        int $least,
        int $seconds,
        int $which,
        int $before,
    ): ?array {
        $stretches = $this->hands[$which];
        $longest = 0;
        foreach ($stretches as [$from, $to]) {
            $longest = max($longest, $to - $from);
        }
        if ($seconds <= $longest) {
            return null;
        }
        $free = array_column($hand, 1, 0);
        foreach ($stretches as $nth => [$opens, $closes]) {
            foreach ($hand as [$from, $to]) {
                $start = max($from, $least);
                if ($to !== $closes || $from < $opens || $start >= $closes) {
                    continue;
                }
                $until = FreeGaps::until($stretches, $nth + 1, $seconds - ($closes - $start), $free);
                if (null === $until) {
                    continue;
                }
                if ($until >= $before) {
                    return null;
                }
                if (null === $machine || FreeGaps::fit($machine, $start, $until - $start) === $start) {
                    return [$start, $until];
                }
            }
        }

        return null;
    }
}
