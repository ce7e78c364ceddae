<?php

declare(strict_types=1);

namespace Yelbo\Trade\Week;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Yelbo\Trade\Rule;

/**
 * Plans the week for the least weighted lateness: good orders of steps first, then one step after the other moved,
 * worse ones let pass at first and less and less. The same answer each time. Source: handbook section 16.
 */
final readonly class WeekPlanner
{
    private const SEED = 412;
    private const DIE = 1_000_000;
    /** Steps: more are put in order and left so. */
    private const TOO_MANY = 1500;
    /** Over so many mean jobs a job that is not due yet begins to press. */
    private const FORESIGHT = [0.5, 1.0, 2.0, 4.0, 9.0];
    /** Of the lateness to begin with: by so much worse is let pass now and then at first. */
    private const WARMTH = 0.0004;
    /** Times a job may be asked when its next step could begin, in all. */
    private const ASKED = 500_000;

    /** A plan that people go by is left for one that is late by so much less: by a share and weighted minutes. */
    private const WORTH = 1.05;
    private const MINUTES_WORTH = 30;

    private Timetable $timetable;
    private int $placed;

    /**
     * @param list<Job>                   $jobs
     * @param list<list<array{int, int}>> $hands    when each works, s since now
     * @param int                         $machines how many there are
     * @param int|null                    $placed   how many steps are placed at the most, which bounds the time it
     *     takes; as the standard figure has it where left out
     */
    public function __construct(
        private array $jobs,
        array $hands,
        int $machines,
        ?int $placed = null,
    ) {
        $this->placed = $placed ?? 1000 * (int) Rule::ThinkWeek->standard();
        $this->timetable = new Timetable($jobs, $hands, $machines);
    }

    /**
     * The best plan that was found; or the one there was, where another is hardly better: people have gone by it.
     *
     * @param list<int> $kept the order of steps of the plan there was, each a job for each of its steps; none where
     *     there was none
     */
    public function plan(array $kept = []): Week
    {
        $best = null;
        $cost = [];
        foreach ([...$this->orders(), ...[] === $kept ? [] : [$kept]] as $order) {
            $now = $this->cost($this->run($order));
            if (null === $best || $now < $cost) {
                [$best, $cost] = [$order, $now];
            }
        }

        $found =
            null === $best || 0.0 === $cost[0] || \count($best) < 2 || \count($best) > self::TOO_MANY
                ? $best ?? []
                : $this->improved($best, $cost);
        $isWorth = [] === $kept || $this->late($kept) > self::WORTH * $this->late($found) + self::MINUTES_WORTH;

        return $this->week($isWorth ? $found : $kept);
    }

    /**
     * @param list<int> $order
     *
     * @return float weighted minutes
     */
    private function late(array $order): float
    {
        return $this->cost($this->run($order))[0];
    }

    /** As a shop does it that takes what is due first: for comparison. */
    public function byDueDate(): Week
    {
        return $this->week($this->sorted(fn (int $job): float => $this->jobs[$job]->due));
    }

    /**
     * When a job would be ready if there were no other, s since now.
     *
     * @param int $job its number
     */
    public function alone(int $job): int
    {
        $state = $this->timetable->empty();
        for ($step = 0; $step < \count($this->jobs[$job]->tasks); ++$step) {
            $this->timetable->place($state, $job);
        }

        return $state->ready[$job];
    }

    /** @return list<list<int>> orders of steps to begin with, each a job for each of its steps */
    private function orders(): array
    {
        $jobs = $this->jobs;

        return [
            $this->sorted(static fn (int $job): float => $jobs[$job]->due),
            $this->sorted(static fn (int $job): float => $jobs[$job]->due - $jobs[$job]->work()),
            $this->sorted(static fn (int $job): float => $jobs[$job]->work() / max(0.001, $jobs[$job]->weight)),
            $this->sorted(
                static fn (int $job): float => max(0, $jobs[$job]->due) / max(0.001, $jobs[$job]->weight),
            ),
            $this->byStepsDue(),
            ...array_map(
                (new PressingOrder($jobs, $this->timetable))->pressing(...), \array_slice(
                    self::FORESIGHT,
                    0,
                    $this->affordable(),
                )),
        ];
    }

    /** How many ways of looking ahead there is time for: each asks of all jobs at each step. */
    private function affordable(): int
    {
        $steps = array_sum(array_map(static fn (Job $job): int => \count($job->tasks), $this->jobs));

        return min(\count(self::FORESIGHT), intdiv(self::ASKED, max(1, 5 * $steps * \count($this->jobs))));
    }

    /**
     * One job after the other.
     *
     * @param \Closure(int): float $rank
     *
     * @return list<int>
     */
    private function sorted(\Closure $rank): array
    {
        $jobs = array_keys($this->jobs);
        usort($jobs, static fn (int $a, int $b): int => [$rank($a), $a] <=> [$rank($b), $b]);
        $order = [];
        foreach ($jobs as $job) {
            array_push($order, ...array_fill(0, \count($this->jobs[$job]->tasks), $job));
        }

        return $order;
    }

    /** @return list<int> by when each step has to be done, counted back from when its job is due */
    private function byStepsDue(): array
    {
        $steps = [];
        foreach ($this->jobs as $nth => $job) {
            $due = $job->due;
            foreach (array_reverse($job->tasks, true) as $at => $task) {
                $due -= $task->wait;
                $steps[] = [$due, $nth, $at];
                $due -= $task->seconds;
            }
        }
        sort($steps);

        return array_column($steps, 1);
    }

    /** @param list<int> $order */
    private function run(array $order): TimetableState
    {
        $state = $this->timetable->empty();
        foreach ($order as $job) {
            $this->timetable->place($state, $job);
        }

        return $state;
    }

    /**
     * @return array{float, int} weighted minutes late; then when all are ready, taken together
     */
    private function cost(TimetableState $state): array
    {
        $weighted = 0.0;
        foreach ($this->jobs as $nth => $job) {
            $weighted += $job->weight * intdiv(max(0, $state->ready[$nth] - $job->due), 60);
        }

        return [$weighted, array_sum($state->ready)];
    }

    /**
     * @param list<int>         $order
     * @param array{float, int} $cost
     *
     * @return list<int>
     */
    private function improved(array $order, array $cost): array
    {
        $random = new Randomizer(new Mt19937(self::SEED));
        $many = \count($order);
        $states = $this->states($order, 0, [$this->timetable->empty()]);
        [$best, $least] = [$order, $cost];
        $warmth = self::WARMTH * $cost[0];
        for ($spent = 0; $spent < $this->placed && $least[0] > 0.0;) {
            $left = (1 - $spent / $this->placed) ** 2;
            [$tried, $from] = StepsMoved::byChance($order, $random, $many);
            $spent += max(4, $many - $from);
            if (null === $tried) {
                continue;
            }
            $now = $this->states($tried, $from, \array_slice($states, 0, $from + 1));
            $costs = $this->cost($now[$many]);
            $worse = $costs[0] - $cost[0];
            if (
                $costs <= $cost
                || $random->getInt(0, self::DIE) / self::DIE < exp(-max(1.0, $worse) / max(0.01, $warmth * $left))
            ) {
                [$order, $cost, $states] = [$tried, $costs, $now];
                if ($cost < $least) {
                    [$best, $least] = [$order, $cost];
                }
            }
        }

        return $best;
    }

    /**
     * The state before each step of an order, and after the last.
     *
     * @param list<int>      $order
     * @param list<TimetableState> $states those known, up to where it differs
     *
     * @return non-empty-list<TimetableState>
     */
    private function states(array $order, int $from, array $states): array
    {
        $state = $states[$from] ?? throw new \LogicException('It differs from where nothing is known.');
        for ($at = $from, $many = \count($order); $at < $many; ++$at) {
            $state = clone $state;
            $this->timetable->place($state, $order[$at]);
            $states[] = $state;
        }

        return $states;
    }

    /** @param list<int> $order */
    private function week(array $order): Week
    {
        $state = $this->timetable->empty();
        $placed = [];
        foreach ($order as $job) {
            $placed[] = $this->timetable->place($state, $job);
        }
        usort($placed, static fn (Placed $a, Placed $b): int => [$a->job, $a->task] <=> [$b->job, $b->task]);
        $late = [];
        foreach ($this->jobs as $nth => $job) {
            $late[] = intdiv(max(0, $state->ready[$nth] - $job->due), 60);
        }

        return new Week($placed, array_values($state->ready), $late);
    }
}
