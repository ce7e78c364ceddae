<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Time\Duration;
use Yelbo\Trade\Week\Hours;
use Yelbo\Trade\Week\Job;
use Yelbo\Trade\Week\Outlook;

/**
 * What comes late in a plan of the week, and the smallest change that would save it. Source: handbook section 16.
 *
 * @phpstan-import-type Late from WeekBoard
 */
final readonly class LateOrders
{
    /** Orders that come late for which a change is looked for. */
    private const MOST_LATE = 5;
    /** Steps placed to try a change. */
    private const TRIED = 6_000;
    /** On how many days a longer one is tried. */
    private const DAYS_LONGER = 3;

    public function __construct(private Calendar $calendar, private ShopRules $rules)
    {
    }

    /**
     * What comes late, and the smallest change of the plan that would save it.
     *
     * @param bool $tried whether changes are tried; else only told what comes late
     * @param list<OrderWork> $works
     * @param list<Job>       $jobs
     * @param list<Hours>     $hours
     *
     * @return list<Late>
     */
    public function late(
        Outlook $outlook,
        array $works,
        array $jobs,
        array $hours,
        \DateTimeImmutable $now,
        bool $tried = true,
    ): array {
        $late = array_filter(
            $outlook->week->late,
            static fn (int $minutes, int $nth): bool => $minutes > 0 && null !== $works[$nth]->due,
            \ARRAY_FILTER_USE_BOTH,
        );
        arsort($late);
        $told = [];
        $many = 0;
        foreach (array_keys($late) as $nth) {
            $alone = $outlook->planner->alone($nth);
            if ($alone > $jobs[$nth]->due || $many >= self::MOST_LATE) {
                $told[] = [
                    'docket' => $works[$nth]->docket,
                    'says' => $alone > $jobs[$nth]->due
                        ? 'Even alone it would be ready '.self::said($now, $alone).
                            ': its work and its waits take longer than there is. Tell the customer.'
                        : 'Others that count more come first.',
                    'options' => [],
                ];
                continue;
            }
            ++$many;
            $told[] = [
                'docket' => $works[$nth]->docket,
                'says' => 'Alone it would be ready '.self::said($now, $alone).': other orders stand before it.',
                'options' => $tried
                    ? [
                        ...$this->first($nth, $outlook, $works, $jobs, $hours, $now),
                        ...$this->longer($nth, $works, $jobs, $hours, $now),
                    ]
                    : [],
            ];
        }

        return $told;
    }

    /**
     * Before the others.
     *
     * @param list<OrderWork> $works
     * @param list<Job>       $jobs
     * @param list<Hours>     $hours
     *
     * @return list<array{kind: string, date: string, says: string}>
     */
    private function first(
        int $nth,
        Outlook $outlook,
        array $works,
        array $jobs,
        array $hours,
        \DateTimeImmutable $now,
    ): array {
        $job = $jobs[$nth];
        $jobs[$nth] = new Job($job->id, $job->due, OrderWeight::FIRST, $job->tasks, $job->begins);
        $week = Outlook::of(array_values($jobs), $hours, $now, 1, [], self::TRIED)->week;
        if ($week->late[$nth] > 0) {
            return [];
        }
        $others = [];
        foreach ($week->late as $other => $minutes) {
            if ($minutes > $outlook->week->late[$other] && null !== $works[$other]->due) {
                $others[] = "{$works[$other]->tag} ".Duration::inWords($minutes).' late';
            }
        }

        return [[
            'kind' => 'first',
            'date' => '',
            'says' => 'Before the others: in time'.
                ([] === $others
                    ? ', and nothing else comes later.'
                    : '; instead '.implode(', ', \array_slice($others, 0, 3)).'.'),
        ]];
    }

    /**
     * Two hours longer on one day.
     *
     * @param list<OrderWork> $works
     * @param list<Job>       $jobs
     * @param list<Hours>     $hours
     *
     * @return list<array{kind: string, date: string, says: string}>
     */
    private function longer(int $nth, array $works, array $jobs, array $hours, \DateTimeImmutable $now): array
    {
        $tried = 0;
        $longerBy = (int) $this->rules->current()->value(Rule::LongerHours);
        for ($day = $now->setTime(0, 0); $tried < self::DAYS_LONGER; $day = $day->modify('+1 day')) {
            if ($day->getTimestamp() - $now->getTimestamp() > $jobs[$nth]->due) {
                return [];
            }
            $stretches = $this->calendar->hours()->on($day);
            $closes = [] === $stretches ? 0 : end($stretches)[1];
            if (0 === $closes || $day->modify("+$closes minutes") < $now || $closes + $longerBy > 1440) {
                continue;
            }
            ++$tried;
            $longer = array_map(
                static fn (Hours $one): Hours => [] === $one->on($day)
                    ? $one
                    : $one->with($day->format('Y-m-d'), $closes, $closes + $longerBy),
                $hours,
            );
            if (0 === Outlook::of($jobs, $longer, $now, 1, [], self::TRIED)->week->late[$nth]) {
                return [[
                    'kind' => 'longer',
                    'date' => $day->format('Y-m-d'),
                    'says' => \sprintf(
                        'Work until %s on %s: in time.',
                        Calendar::told($closes + $longerBy),
                        $day->format('D j M'),
                    ),
                ]];
            }
        }

        return [];
    }

    private static function said(\DateTimeImmutable $now, int $seconds): string
    {
        return $now->modify("+$seconds seconds")->format('D j M, H:i');
    }
}
