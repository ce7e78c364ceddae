<?php

declare(strict_types=1);

// Prints how promises told from the queue are kept: eight weeks of a shop of two, simulated. Figures, not a test.

require dirname(__DIR__, 2).'/vendor/autoload.php';

use Random\Engine\Mt19937;
use Random\Randomizer;
use Yelbo\Trade\Week\Hours;
use Yelbo\Trade\Week\Job;
use Yelbo\Trade\Week\OutOfHours;
use Yelbo\Trade\Week\Outlook;
use Yelbo\Trade\Week\Placed;
use Yelbo\Trade\Week\Task;
use Yelbo\Trade\Week\Timetable;

$many = (int) ($argv[1] ?? 1000);
foreach ([1, 2, 3] as $seed) {
    $began = microtime(true);
    [$kept, $keptInTime, $over, $rest, $delivered, $lateYes] = (new Simulation(new Randomizer(new Mt19937($seed))))->run($many);
    printf(
        "seed %d: %d orders, %d whose yes came late; ready by the promised day %.1f %%, of those whose yes was in time %.1f %%; promised %.2f days too many on average, %.2f to the end of the day (%.0f s)\n",
        $seed,
        $delivered,
        $lateYes,
        100 * $kept,
        100 * $keptInTime,
        $over,
        $rest,
        microtime(true) - $began,
    );
}

/** Orders come, are promised a day, answered late, take longer than told; each day is planned anew and worked off. */
final class Simulation
{
    private const START = '2026-11-30T00:00:00+00:00';
    private const DAY = 86_400;
    private const HANDS = 2;
    /** Of the logarithm of real over told minutes. */
    private const NOISE = 0.3;

    private Hours $hours;
    private DateTimeImmutable $start;
    /** @var list<array{job: list<array{int, int, bool}>, at: int, yes: int, promised: int, next: int, ready: int, real: list<int>, done: int|null}> */
    private array $orders = [];

    public function __construct(private Randomizer $random)
    {
        $stretches = [[6, 540, 780]];
        for ($day = 1; $day < 6; ++$day) {
            array_push($stretches, [$day, 540, 750], [$day, 795, 1050]);
        }
        $this->hours = new Hours($stretches);
        $this->start = new DateTimeImmutable(self::START);
    }

    /** @return array{float, float, float, float, int, int} */
    public function run(int $many): array
    {
        $arrivals = [];
        for ($nth = 0; $nth < $many; ++$nth) {
            // Through the opening hours of eight weeks.
            do {
                $at = $this->random->getInt(0, 56 * self::DAY);
            } while (!$this->isOpen($at));
            $arrivals[] = $at;
        }
        sort($arrivals);
        for ($day = 0; $day < 90; ++$day) {
            $now = $day * self::DAY;
            $plan = $this->plan($now);
            while ([] !== $arrivals && $arrivals[0] < $now + self::DAY) {
                $this->take((int) array_shift($arrivals), $plan);
            }
            $this->work($now, $plan);
        }

        return $this->figures();
    }

    private function isOpen(int $at): bool
    {
        $minute = intdiv($at % self::DAY, 60);
        foreach ($this->hours->on($this->start->modify('+'.intdiv($at, self::DAY).' days')) as [$from, $to]) {
            if ($from <= $minute && $minute < $to) {
                return true;
            }
        }

        return false;
    }

    /** @param list<array{int, int, int, int, bool}> $plan as `plan()` */
    private function take(int $at, array &$plan): void
    {
        $minutes = fn (int $least, int $most): int => 60 * $this->random->getInt($least, $most);
        $here = 0 === $this->random->getInt(0, 1);
        $coats = $here && 0 === $this->random->getInt(0, 7) ? 2 : 0;
        $rest = 72 * 3600;
        $steps = [
            [$minutes(6, 12), self::DAY, false],
            [$minutes(6, 9), 0, true],
            [$minutes(1, 8), 0, false],
            [$minutes(3, 15), $here && 0 === $coats ? $rest : 0, false],
        ];
        for ($coat = 1; $coat <= $coats; ++$coat) {
            $steps[] = [$minutes(5, 7), $coat === $coats ? $rest - 1200 : 1200, false];
        }
        $steps[] = [$minutes(4, 4), $here ? 0 : $rest, false];
        // Most say yes within the day; every fifth takes up to four days longer.
        $yes = 0 === $this->random->getInt(0, 4)
            ? self::DAY + $this->random->getInt(0, 4 * self::DAY)
            : $this->random->getInt(3600, self::DAY);
        $real = array_map(
            fn (array $step): int => (int) max(30, $step[0] * exp(self::NOISE * $this->normal())),
            $steps,
        );
        $promised = $this->promise($steps, $at, $plan);
        $this->orders[] = [
            'job' => $steps, 'at' => $at, 'yes' => $yes, 'promised' => $promised, 'next' => 0, 'ready' => $at,
            'real' => $real, 'done' => null,
        ];
    }

    /**
     * The day an order is promised for: where the plan leaves room for it, which it takes at once.
     *
     * @param list<array{int, int, bool}>       $steps
     * @param list<array{int, int, int, int, bool}> $plan
     */
    private function promise(array $steps, int $at, array &$plan): int
    {
        $moment = $this->start->modify("+$at seconds");
        $busy = array_fill(0, self::HANDS, []);
        $machine = [];
        foreach ($plan as [, $hand, $from, $to, $cuts]) {
            if ($to > $at) {
                $busy[$hand][] = [max(0, $from - $at), $to - $at];
                if ($cuts) {
                    $machine[] = [max(0, $from - $at), $to - $at];
                }
            }
        }
        $tasks = array_map(
            static fn (array $step): Task => new Task($step[0], $step[1], range(0, self::HANDS - 1), $step[2] ? [0] : []),
            $steps,
        );
        $open = $this->hours->from($moment, 400 * 3600);
        $hands = array_map(static fn (array $own): array => Timetable::less($open, $own), $busy);
        $timetable = new Timetable([new Job('', 0, 1, $tasks)], $hands, 1);
        $state = $timetable->empty();
        $state->machines[0] = Timetable::less($state->machines[0], $machine);
        foreach ($steps as $step) {
            $placed = $timetable->place($state, 0);
            $plan[] = [\count($this->orders), $placed->hand, $at + $placed->from, $at + $placed->to, $step[2]];
        }

        return intdiv($at + $state->ready[0], self::DAY);
    }

    /** @return list<array{int, int, int, int, bool}> order, hand, from, to, whether it cuts */
    private function plan(int $now): array
    {
        [$jobs, $which] = $this->jobs($now, static fn (array $order): array => array_column($order['job'], 0));
        if ([] === $jobs) {
            return [];
        }
        $week = Outlook::of(
            $jobs,
            array_fill(0, self::HANDS, $this->hours),
            $this->start->modify("+$now seconds"),
            1,
            [],
            6000,
        )->week;
        $plan = array_map(
            static fn (Placed $one): array => [
                $which[$one->job], $one->hand, $now + $one->from, $now + $one->to, null !== $one->machine,
            ],
            $week->placed,
        );
        usort($plan, static fn (array $a, array $b): int => $a[2] <=> $b[2]);

        return $plan;
    }

    /**
     * @param Closure(array<string, mixed>): list<int> $seconds
     *
     * @return array{list<Job>, list<int>}
     */
    private function jobs(int $now, Closure $seconds): array
    {
        $jobs = $which = [];
        foreach ($this->orders as $nth => $order) {
            if (null !== $order['done']) {
                continue;
            }
            $took = $seconds($order);
            $tasks = [];
            foreach ($order['job'] as $at => [, $wait, $cuts]) {
                if ($at >= $order['next']) {
                    // As it is asked the yes is told as a day; as it is worked it comes when it comes.
                    $tasks[] = new Task($took[$at], 0 === $at ? $order['yes'] : $wait, range(0, self::HANDS - 1), $cuts ? [0] : []);
                }
            }
            $jobs[] = new Job("$nth", ($order['promised'] + 1) * self::DAY - 7 * 3600 - $now, 1, $tasks, max(0, $order['ready'] - $now));
            $which[] = $nth;
        }

        return [$jobs, $which];
    }

    /**
     * A day's work in the order of its plan, each step as long as it really takes; who comes in the day is sized as soon
     * as somebody is free.
     *
     * @param list<array{int, int, int, int, bool}> $plan
     */
    private function work(int $now, array $plan): void
    {
        [$jobs, $which] = $this->jobs($now, static fn (array $order): array => $order['real']);
        $place = array_flip($which);
        $today = $this->hours->on($this->start->modify('+'.intdiv($now, self::DAY).' days'));
        if ([] === $jobs || [] === $today) {
            return;
        }
        $open = array_map(static fn (array $one): array => [60 * $one[0], 60 * $one[1]], $today);
        $timetable = new Timetable($jobs, array_fill(0, self::HANDS, $open), 1);
        $state = $timetable->empty();
        $order = array_column($plan, 0);
        foreach ($which as $nth) {
            $left = \count($this->orders[$nth]['job']) - $this->orders[$nth]['next'];
            for ($known = \count(array_keys($order, $nth, true)); $known < $left; ++$known) {
                $order[] = $nth;
            }
        }
        $stuck = [];
        foreach ($order as $nth) {
            $job = $place[$nth];
            if (isset($stuck[$nth])) {
                continue;
            }
            try {
                $timetable->place($state, $job);
            } catch (OutOfHours) {
                $stuck[$nth] = true;
                continue;
            }
            ++$this->orders[$nth]['next'];
            $this->orders[$nth]['ready'] = $now + $state->ready[$job];
            if ($this->orders[$nth]['next'] === \count($this->orders[$nth]['job'])) {
                $this->orders[$nth]['done'] = $now + $state->ready[$job];
            }
        }
    }

    /**
     * Shares kept, of all and of those whose yes was in time; days between that on which it was ready and that for which it was
     * promised, and the same to the last minute of that; orders delivered, and answered late.
     *
     * @return array{float, float, float, float, int, int}
     */
    private function figures(): array
    {
        $done = array_filter($this->orders, static fn (array $order): bool => null !== $order['done']);
        $kept = static fn (array $order): bool => intdiv((int) $order['done'], self::DAY) <= $order['promised'];
        $inTime = array_filter($done, static fn (array $order): bool => $order['yes'] <= self::DAY);
        $on = array_filter($inTime, $kept);
        $over = array_map(
            static fn (array $order): int => $order['promised'] - intdiv((int) $order['done'], self::DAY),
            $on,
        );
        $rest = array_map(
            static fn (array $order): float => $order['promised'] + 1 - (int) $order['done'] / self::DAY,
            $on,
        );

        return [
            \count(array_filter($done, $kept)) / max(1, \count($done)),
            \count(array_filter($inTime, $kept)) / max(1, \count($inTime)),
            array_sum($over) / max(1, \count($over)),
            array_sum($rest) / max(1, \count($rest)),
            \count($done),
            \count($done) - \count($inTime),
        ];
    }

    private function normal(): float
    {
        $one = $this->random->getInt(1, 1_000_000) / 1_000_000;
        $two = $this->random->getInt(1, 1_000_000) / 1_000_000;

        return sqrt(-2 * log($one)) * cos(2 * M_PI * $two);
    }
}
