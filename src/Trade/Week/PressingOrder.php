<?php

declare(strict_types=1);

namespace Yelbo\Trade\Week;

/**
 * An order of steps as hands become free: what presses most is next.
 */
final readonly class PressingOrder
{
    /** s: what presses more is waited for so long. */
    private const MEANWHILE = 600;

    /** @param list<Job> $jobs */
    public function __construct(private array $jobs, private Timetable $timetable)
    {
    }

    /**
     * As hands become free, what presses most: much weight for little work, and the less time is left the more.
     *
     * @param float $foresight in mean jobs
     *
     * @return list<int>
     */
    public function pressing(float $foresight): array
    {
        $left = $waits = $order = [];
        foreach ($this->jobs as $nth => $job) {
            $left[$nth] = array_map(self::share(...), $job->tasks);
            $waits[$nth] = $job->waits() + $job->work();
        }
        $work = array_map(array_sum(...), $left);
        $mean = max(60.0, array_sum($work) / max(1, \count($this->jobs))) * $foresight;
        $state = $this->timetable->empty();
        $open = array_filter($left);
        while ([] !== $open) {
            $begins = [];
            foreach ($open as $job => $steps) {
                $begins[$job] = $this->timetable->begins($state, $job);
            }
            $moment = min($begins);
            $best = null;
            $most = -1.0;
            foreach ($open as $job => $steps) {
                if ($begins[$job] > $moment + self::MEANWHILE) {
                    continue;
                }
                $slack = max(0, $this->jobs[$job]->due - $waits[$job] - $moment);
                $presses = $this->jobs[$job]->weight / max(60.0, $work[$job]) * exp(-$slack / $mean);
                if ($presses > $most) {
                    [$best, $most] = [$job, $presses];
                }
            }
            $best ??= array_key_first($open);
            $task = $this->jobs[$best]->tasks[$state->next[$best]];
            $this->timetable->place($state, $best);
            $order[] = $best;
            $work[$best] -= array_shift($open[$best]);
            $waits[$best] -= $task->seconds + $task->wait;
            if ([] === $open[$best]) {
                unset($open[$best]);
            }
        }

        return $order;
    }

    /** What a step takes of hands, the less the more of them can do it, s. */
    private static function share(Task $task): float
    {
        return $task->seconds / max(1, \count($task->hands));
    }
}
