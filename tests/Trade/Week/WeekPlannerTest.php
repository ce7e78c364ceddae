<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Week;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Week\FreeGaps;
use Yelbo\Trade\Week\Hours;
use Yelbo\Trade\Week\Job;
use Yelbo\Trade\Week\Pin;
use Yelbo\Trade\Week\Placed;
use Yelbo\Trade\Week\Task;
use Yelbo\Trade\Week\Timetable;
use Yelbo\Trade\Week\Week;
use Yelbo\Trade\Week\WeekPlanner;

/** Plans of hands, machines and drying: nothing overlaps, hours are kept, and little comes late. */
final class WeekPlannerTest extends TestCase
{
    private const NOW = '2026-11-26T09:00:00+00:00';

    /** @return list<array{int, int}> the shop's own hours from now on, s since now */
    private static function open(int $hours): array
    {
        $stretches = [[6, 540, 780]];
        for ($day = 1; $day < 6; ++$day) {
            array_push($stretches, [$day, 540, 750], [$day, 795, 1050]);
        }

        return (new Hours($stretches, ['2026-11-27']))->from(new \DateTimeImmutable(self::NOW), 3600 * $hours);
    }

    /** @return list<Job> */
    private static function jobs(Randomizer $random, int $many, int $most): array
    {
        $jobs = [];
        for ($nth = 0; $nth < $many; ++$nth) {
            $tasks = [];
            for ($step = $random->getInt(1, $most); $step > 0; --$step) {
                $tasks[] = new Task(
                    60 * $random->getInt(2, 90),
                    60 * [0, 0, 30, 720, 4320][$random->getInt(0, 4)],
                    [[0], [1], [0, 1]][$random->getInt(0, 2)],
                    0 === $random->getInt(0, 3) ? [0] : [],
                );
            }
            $jobs[] = new Job("Y-$nth", 3600 * $random->getInt(1, 10 + 14 * $many), $random->getInt(1, 3), $tasks);
        }

        return $jobs;
    }

    public function testAPlanCanBeDone(): void
    {
        $random = new Randomizer(new Mt19937(17));
        $open = self::open(600);
        for ($case = 0; $case < 25; ++$case) {
            $jobs = self::jobs($random, $random->getInt(1, 14), 4);
            $week = (new WeekPlanner($jobs, [$open, $open], 1, 4000))->plan();
            self::assertCount(
                array_sum(array_map(static fn (Job $job): int => \count($job->tasks), $jobs)),
                $week->placed,
            );
            $this->keepsTo($week, $jobs, $open);
            self::assertEquals($week, (new WeekPlanner($jobs, [$open, $open], 1, 4000))->plan(), 'the same each time');
        }
    }

    /**
     * @param list<Job>             $jobs
     * @param list<array{int, int}> $open
     */
    private function keepsTo(Week $week, array $jobs, array $open): void
    {
        $can = $ends = [];
        foreach ($week->placed as $placed) {
            $task = $jobs[$placed->job]->tasks[$placed->task];
            self::assertContains($placed->hand, $task->hands);
            self::assertSame([] === $task->machines, null === $placed->machine);
            self::assertSame($task->seconds, $placed->to - $placed->from, 'in one go');
            self::assertNotEmpty(
                array_filter($open, static fn (array $one): bool => $one[0] <= $placed->from && $placed->to <= $one[1]),
                'within one stretch of hours',
            );
            self::assertGreaterThanOrEqual(
                $can[$placed->job] ?? 0,
                $placed->from,
                'after what comes before it, and its wait',
            );
            $can[$placed->job] = $placed->to + $task->wait;
            $ends[$placed->job] = $placed->to + $task->wait;
            foreach ($week->placed as $other) {
                $same = $other->hand === $placed->hand
                    || (null !== $placed->machine && $other->machine === $placed->machine);
                if ($other !== $placed && $same) {
                    self::assertTrue($other->to <= $placed->from || $placed->to <= $other->from, 'nothing overlaps');
                }
            }
        }
        foreach ($jobs as $nth => $job) {
            self::assertSame($ends[$nth], $week->ready[$nth]);
            self::assertSame(intdiv(max(0, $ends[$nth] - $job->due), 60), $week->late[$nth]);
        }
    }

    /** Of weeks small enough to try every order of their steps: within a twentieth of the best. */
    public function testSmallWeeksAreAsGoodAsCanBe(): void
    {
        $random = new Randomizer(new Mt19937(5));
        $open = self::open(400);
        [$found, $best] = [0.0, 0.0];
        for ($case = 0; $case < 24; ++$case) {
            do {
                $jobs = self::jobs($random, $random->getInt(2, 7), 3);
                $steps = array_sum(array_map(static fn (Job $job): int => \count($job->tasks), $jobs));
            } while ($steps > 8);
            $jobs = array_map(
                static fn (Job $job): Job => new Job($job->id, intdiv($job->due, 6), $job->weight, $job->tasks),
                $jobs,
            );
            $own = (new WeekPlanner($jobs, [$open, $open], 1, 6000))->plan()->weighted($jobs);
            $least = $this->best($jobs, $open);
            self::assertLessThanOrEqual($own, $least, 'nothing is better than the best of all orders');
            $found += $own;
            $best += $least;
        }
        self::assertGreaterThan(0.0, $best, 'some must come late');
        self::assertLessThanOrEqual(1.05 * $best, $found);
    }

    /**
     * @param list<Job>             $jobs
     * @param list<array{int, int}> $open
     */
    private function best(array $jobs, array $open): float
    {
        $timetable = new Timetable($jobs, [$open, $open], 1);
        $best = \INF;
        $try = static function (array $left, \Yelbo\Trade\Week\TimetableState $state) use (
            &$try,
            &$best,
            $timetable,
            $jobs,
        ): void {
            $left = array_filter($left);
            if ([] === $left) {
                $cost = 0.0;
                foreach ($jobs as $nth => $job) {
                    $cost += $job->weight * intdiv(max(0, $state->ready[$nth] - $job->due), 60);
                }
                $best = min($best, $cost);

                return;
            }
            foreach ($left as $job => $many) {
                $next = clone $state;
                $timetable->place($next, $job);
                $try([$job => $many - 1] + $left, $next);
            }
        };
        $try(array_map(static fn (Job $job): int => \count($job->tasks), $jobs), $timetable->empty());

        return $best;
    }

    public function testSixtyOrdersAreLessLateThanByDueDate(): void
    {
        $open = self::open(2000);
        foreach ([1, 2, 3] as $seed) {
            $jobs = self::jobs(new Randomizer(new Mt19937($seed)), 60, 5);
            $jobs = array_map(
                static fn (Job $job): Job => new Job($job->id, intdiv($job->due, 8), $job->weight, $job->tasks),
                $jobs,
            );
            $planner = new WeekPlanner($jobs, [$open, $open], 1, 20_000);
            $due = $planner->byDueDate()->weighted($jobs);
            self::assertGreaterThan(0.0, $due);
            self::assertLessThan(0.9 * $due, $planner->plan()->weighted($jobs));
        }
    }

    /** Longer than every stretch it runs on over breaks and nights, and nothing comes between. */
    public function testWhatIsLongRunsOnOverNights(): void
    {
        $open = self::open(60);
        $jobs = [
            new Job('long', 3600, 1, [new Task(6 * 3600, 0, [0], [0])]),
            new Job('short', 1800, 1, [new Task(1800, 0, [0], [])]),
        ];
        $week = (new WeekPlanner($jobs, [$open], 1, 500))->plan();
        [$long, $short] = $week->placed;
        $within = array_sum(array_map(
            static fn (array $one): int => max(0, min($one[1], $long->to) - max($one[0], $long->from)),
            $open,
        ));
        self::assertSame(6 * 3600, $within);
        self::assertTrue($short->to <= $long->from || $short->from >= $long->to);
        self::assertInstanceOf(Placed::class, $long);
        self::assertSame(6 * 3600 + 2700, (new WeekPlanner($jobs, [$open], 1))->alone(0), 'a break of 45 minutes');
    }

    /** What somebody put somewhere stays there, and the rest gives way. */
    public function testWhatIsPinnedStays(): void
    {
        $random = new Randomizer(new Mt19937(23));
        $open = self::open(600);
        for ($case = 0; $case < 15; ++$case) {
            $jobs = self::jobs($random, 8, 4);
            $at = 1 + intdiv(\count($jobs[3]->tasks), 2) - 1;
            $task = $jobs[3]->tasks[$at];
            $tasks = $jobs[3]->tasks;
            // Two days later in the morning: what comes before it may last until then.
            $pin = new Pin($task->hands[0], [] === $task->machines ? null : 0, 14 * 86_400 + 600);
            $tasks[$at] = new Task($task->seconds, $task->wait, $task->hands, $task->machines, $pin);
            $jobs[3] = new Job('pinned', $jobs[3]->due, $jobs[3]->weight, array_values($tasks));
            $jobs = array_values($jobs);
            $week = (new WeekPlanner($jobs, [$open, $open], 1, 3000))->plan();
            $this->keepsTo($week, $jobs, $open);
            $placed = array_values(array_filter(
                $week->placed,
                static fn (Placed $one): bool => 3 === $one->job && $at === $one->task,
            ))[0];
            self::assertSame([$pin->from, $pin->hand], [$placed->from, $placed->hand]);
        }
    }

    public function testNothingBeginsBeforeItCan(): void
    {
        $open = self::open(100);
        $jobs = [
            new Job('later', 3600, 5, [new Task(1800, 0, [0], [])], 86_400 * 4),
            new Job('now', 9 * 3600, 1, [new Task(3600, 0, [0], [])]),
        ];
        $week = (new WeekPlanner($jobs, [$open], 0, 500))->plan();
        self::assertGreaterThanOrEqual(86_400 * 4, $week->placed[0]->from);
        self::assertSame(0, $week->placed[1]->from);
    }

    /** People go by a plan: it stays where another is hardly better, and goes where it is. */
    public function testAPlanThatIsGoodEnoughStays(): void
    {
        $open = self::open(200);
        $task = static fn (int $minutes): Task => new Task(60 * $minutes, 0, [0], []);
        $jobs = [
            new Job('a', 3600, 1, [$task(30)]),
            new Job('b', 3600, 1, [$task(30)]),
            new Job('c', 86_400 * 20, 1, [$task(30)]),
        ];
        $order = static function (Week $week): array {
            $placed = $week->placed;
            usort($placed, static fn (Placed $a, Placed $b): int => $a->from <=> $b->from);

            return array_map(static fn (Placed $one): int => $one->job, $placed);
        };
        $planner = new WeekPlanner($jobs, [$open], 0, 500);
        self::assertSame([1, 0, 2], $order($planner->plan([1, 0, 2])), 'as good as any');
        self::assertSame([1, 2, 0], $order($planner->plan([1, 2, 0])), 'half an hour late is hardly worse');
        $worse = [new Job('c', 86_400 * 20, 1, [$task(120)]), ...\array_slice($jobs, 0, 2)];
        self::assertNotSame(0, $order((new WeekPlanner($worse, [$open], 0, 500))->plan([0, 1, 2]))[0], 'two hours are');
    }

    public function testLongerHoursOfOneDayJoinThoseItHas(): void
    {
        $hours = new Hours([[4, 540, 750], [4, 795, 1050]], ['2026-12-31'], [['2026-12-24', 1050, 1170]]);
        self::assertSame([[540, 750], [795, 1170]], $hours->on(new \DateTimeImmutable('2026-12-24')));
        self::assertSame([], $hours->on(new \DateTimeImmutable('2026-12-31')));
        self::assertSame([[600, 660]], $hours->with('2026-12-31', 600, 660)->on(new \DateTimeImmutable('2026-12-31')));
        self::assertSame([[540, 750], [795, 1050]], $hours->on(new \DateTimeImmutable('2027-01-07')));
        self::assertSame([[0, 100], [200, 300]], FreeGaps::less([[0, 300]], [[100, 200]]));
        self::assertSame([[50, 300]], FreeGaps::less([[0, 20], [30, 300]], [[0, 50]]));
    }

    public function testHoursAreKeptAndClosedDaysLeftOut(): void
    {
        $now = new \DateTimeImmutable('2026-12-24T12:10:00+01:00');
        $hours = new Hours([[4, 540, 750], [4, 795, 1050], [5, 540, 750], [6, 540, 780]], ['2026-12-25']);
        self::assertSame(
            [[0, 1200], [3900, 19200], [161_400, 175_800]],
            $hours->from($now, 1200 + 15300 + 14400),
        );
        self::assertSame(255 * 60, $hours->longest());
        $this->expectException(Refused::class);
        new Hours([[1, 540, 750], [1, 700, 800]]);
    }
}
