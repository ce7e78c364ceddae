<?php

declare(strict_types=1);

namespace Yelbo\Console;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;
use Yelbo\Trade\Week\Hours;
use Yelbo\Trade\Week\Job;
use Yelbo\Trade\Week\Outlook;
use Yelbo\Trade\Week\Placed;
use Yelbo\Trade\Week\Task;
use Yelbo\Trade\Week\Week;
use Yelbo\Trade\Week\WeekPlanner;

#[AsCommand('trade:week', 'Plans hands, machines and drying for the least weighted lateness')]
final class WeekCommand extends TradeCommand
{
    private const MOST_JOBS = 500;
    private const MOST_STEPS = 40;
    private const MOST_HANDS = 50;
    /** Minutes: a year. */
    private const LONGEST = 525_600;
    private const MOMENT = '~^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:\d\d)$~';

    protected function answer(Document $in, InputInterface $input): array
    {
        $now = self::moment($in, 'now');
        $hours = self::hours($in);
        [$hands, $can] = $this->hands($in);
        [$machines, $for] = $this->machines($in);
        $jobs = $this->jobs($in, $now, $can, $for);
        $in->end();
        $outlook = $in->at('hours', static fn (): Outlook => Outlook::of(
            $jobs,
            array_fill(0, \count($hands), $hours),
            $now,
            \count($machines),
        ));
        $week = $outlook->week;

        return [
            'plan' => array_map(
                static fn (Placed $placed): array => [
                    'job' => $jobs[$placed->job]->id,
                    'step' => $placed->task,
                    'hand' => $hands[$placed->hand],
                    'machine' => null === $placed->machine ? null : $machines[$placed->machine],
                    'from' => self::at($now, $placed->from),
                    'to' => self::at($now, $placed->to),
                ],
                $week->placed,
            ),
            'jobs' => array_map(
                static fn (Job $job, int $ready, int $late): array => [
                    'job' => $job->id,
                    'ready' => self::at($now, $ready),
                    'late' => $late,
                ],
                $jobs,
                $week->ready,
                $week->late,
            ),
            'late' => ['jobs' => $week->jobsLate(), 'weighted' => self::plain($week->weighted($jobs))],
            'why' => $this->why($outlook->planner, $week, $jobs, $now),
        ];
    }

    /**
     * @param list<Job> $jobs
     *
     * @return list<array{job: string, says: string}> of what comes late
     */
    private function why(WeekPlanner $planner, Week $week, array $jobs, \DateTimeImmutable $now): array
    {
        $why = [];
        foreach ($jobs as $nth => $job) {
            if (0 === $week->late[$nth]) {
                continue;
            }
            $alone = $planner->alone($nth);
            $why[] = [
                'job' => $job->id,
                'says' => $alone > $job->due
                    ? "If it were the only one it would be ready {$this->said($now, $alone)}: its work and its waits "
                        .'take longer than there is.'
                    : "If it were the only one it would be ready {$this->said($now, $alone)}: what counts more comes "
                        .'first.',
            ];
        }

        return $why;
    }

    private function said(\DateTimeImmutable $now, int $seconds): string
    {
        return $now->modify("+$seconds seconds")->format('D j M, H:i');
    }

    private static function hours(Document $in): Hours
    {
        $stretches = array_map(static function (Document $one): array {
            $from = self::clock($one, 'from');
            $to = self::clock($one, 'to');
            if ($to <= $from) {
                throw $one->wrong('to', 'comes after from');
            }
            $day = $one->whole('day', 1, 7);
            $one->end();

            return [$day, $from, $to];
        }, $in->objects('hours', 100));
        $closed = $in->has('closed') ? $in->texts('closed') : [];
        foreach ($closed as $nth => $day) {
            $date = \DateTimeImmutable::createFromFormat('!Y-m-d', $day);
            if (false === $date || $date->format('Y-m-d') !== $day) {
                throw $in->wrong("closed/$nth", 'is a day, like 2026-12-25');
            }
        }

        return $in->at('hours', static fn (): Hours => new Hours($stretches, $closed));
    }

    /** @return array{list<string>, array<string, list<int>>} their names, and who can do what, by their places */
    private function hands(Document $in): array
    {
        $ids = [];
        $can = [];
        foreach ($in->objects('hands', self::MOST_HANDS) as $nth => $hand) {
            $ids[] = self::id($hand, $ids);
            foreach (array_unique($hand->texts('can')) as $at) {
                $can[$at][] = $nth;
            }
            $hand->end();
        }

        return [$ids, $can];
    }

    /** @return array{list<string>, array<string, list<int>>} their names, and which is for what, by their places */
    private function machines(Document $in): array
    {
        $ids = [];
        $for = [];
        foreach ($in->has('machines') ? $in->objects('machines', self::MOST_HANDS) : [] as $nth => $machine) {
            $ids[] = self::id($machine, $ids);
            $for[$machine->text('for')][] = $nth;
            $machine->end();
        }

        return [$ids, $for];
    }

    /**
     * @param array<string, list<int>> $can
     * @param array<string, list<int>> $for
     *
     * @return list<Job>
     */
    private function jobs(Document $in, \DateTimeImmutable $now, array $can, array $for): array
    {
        $ids = [];
        $jobs = [];
        foreach ($in->objects('jobs', self::MOST_JOBS) as $job) {
            $ids[] = $id = self::id($job, $ids);
            $jobs[] = new Job(
                $id,
                self::moment($job, 'due')->getTimestamp() - $now->getTimestamp(),
                $job->number('weight', 0, 1_000_000, 1),
                array_map(
                    static fn (Document $step): Task => self::task($step, $can, $for),
                    $job->objects('steps', self::MOST_STEPS),
                ),
            );
            $job->end();
        }

        return $jobs;
    }

    /**
     * @param array<string, list<int>> $can
     * @param array<string, list<int>> $for
     */
    private static function task(Document $step, array $can, array $for): Task
    {
        $at = $step->text('at');
        if (!isset($can[$at])) {
            throw $step->wrong('at', 'is something nobody among the hands can do');
        }
        $task = new Task(
            (int) round(60 * $step->number('minutes', 0, self::LONGEST)),
            (int) round(60 * $step->number('wait', 0, self::LONGEST, 0)),
            $can[$at],
            $for[$at] ?? [],
        );
        $step->end();

        return $task;
    }

    /** @param list<string> $others */
    private static function id(Document $in, array $others): string
    {
        $id = $in->text('id');
        if (\in_array($id, $others, true)) {
            throw $in->wrong('id', 'is there already');
        }

        return $id;
    }

    private static function moment(Document $in, string $key): \DateTimeImmutable
    {
        $typed = $in->text($key);
        try {
            if (1 === preg_match(self::MOMENT, $typed)) {
                return new \DateTimeImmutable($typed);
            }
        } catch (\Exception) {
        }
        throw $in->wrong($key, 'is a moment, like 2026-11-26T09:00:00+00:00');
    }

    /** Minutes of the day. */
    private static function clock(Document $in, string $key): int
    {
        $typed = $in->text($key);
        if (
            1 !== preg_match('~^(\d\d):(\d\d)$~', $typed, $at)
            || (int) $at[2] > 59
            || 60 * (int) $at[1] + (int) $at[2] > 1440
        ) {
            throw $in->wrong($key, 'is a time of the day, like 09:00');
        }

        return 60 * (int) $at[1] + (int) $at[2];
    }

    private static function at(\DateTimeImmutable $now, int $seconds): string
    {
        return $now->modify("+$seconds seconds")->format(\DATE_ATOM);
    }

    private static function plain(float $number): int|float
    {
        return floor($number) === $number ? (int) $number : round($number, 3);
    }
}
