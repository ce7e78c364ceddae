<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Bench\Paces;
use Yelbo\Shop\People\Worker;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Journey\Station;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Time\Duration;
use Yelbo\Trade\Week\Hours;
use Yelbo\Trade\Week\Job;
use Yelbo\Trade\Week\Outlook;
use Yelbo\Trade\Week\Pin;
use Yelbo\Trade\Week\Placed;
use Yelbo\Trade\Week\Task;

/**
 * Plans the shop's week: who does which step of which order when, what comes late, and the smallest change that would
 * save it. What somebody put somewhere stays there; the rest moves only where it is worth it. Source: handbook section
 * 16.
 *
 * @phpstan-import-type Entry from WeekBoard
 * @phpstan-import-type Late from WeekBoard
 * @phpstan-import-type Order from WeekBoard
 * @phpstan-import-type Plan from WeekBoard
 */
final readonly class WeekPlanning
{
    /** s: an order nobody gave a day is due so late, and presses little. */
    private const SOME_DAY = 60 * 86_400;
    private const SOME_DAY_WEIGHT = 0.01;
    /** Orders that come late for which a change is looked for. */
    private const MOST_LATE = 5;
    /** s: behind all that was planned before. */
    private const NEW = 10_000_000_000;
    /** Steps placed to try a change. */
    private const TRIED = 6_000;
    /** On how many days a longer one is tried. */
    private const DAYS_LONGER = 3;

    public function __construct(
        private EntityManagerInterface $records,
        private OrderWorks $works,
        private Calendar $calendar,
        private Paces $paces,
        private ShopRules $rules,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param list<Entry> $before of the plan there was
     *
     * @return Plan
     */
    public function plan(array $before): array
    {
        $clock = $this->clock->now();
        $now = $clock->setTime((int) $clock->format('G'), (int) $clock->format('i'));
        $works = $this->works->all();
        $hands = $this->calendar->hands();
        $hours = array_map($this->calendar->hours(...), $hands);
        $jobs = $this->jobs($works, $hands, $now, $this->weights());
        try {
            $outlook = Outlook::of($jobs, $hours, $now, 1, self::order($works, $jobs, $before), $this->steps());
        } catch (Refused $refused) {
            return [
                'now' => $now->format(\DATE_ATOM),
                'entries' => [],
                'orders' => [],
                'late' => [],
                'trouble' => $refused->getMessage(),
            ];
        }
        $at = static fn (int $seconds): string => $now->modify("+$seconds seconds")->format(\DATE_ATOM);

        return [
            'now' => $now->format(\DATE_ATOM),
            'entries' => array_map(
                static fn (Placed $placed): array => self::entry($placed, $works, $jobs, $hands, $at),
                $outlook->week->placed,
            ),
            'orders' => array_map(
                static fn (OrderWork $work, int $ready, int $late): array => self::told($work, $at($ready), $late),
                $works,
                $outlook->week->ready,
                $outlook->week->late,
            ),
            'late' => $this->late($outlook, $works, $jobs, $hours, $now),
            'trouble' => '',
        ];
    }

    /**
     * @param string $ready when it is, ISO 8601
     * @param int    $late  seconds
     *
     * @return Order
     */
    private static function told(OrderWork $work, string $ready, int $late): array
    {
        return [
            'docket' => $work->docket,
            'tag' => $work->tag,
            'label' => $work->label,
            'customer' => $work->customer,
            'due' => $work->due?->format(\DATE_ATOM),
            'ready' => $ready,
            'late' => null === $work->due ? 0 : $late,
            'begins' => $work->begins?->format(\DATE_ATOM),
            'because' => $work->because,
        ];
    }

    /**
     * @param list<OrderWork>           $works
     * @param list<Job>                 $jobs
     * @param list<Worker>              $hands
     * @param \Closure(int): string     $at
     *
     * @return Entry
     */
    private static function entry(Placed $placed, array $works, array $jobs, array $hands, \Closure $at): array
    {
        $step = $works[$placed->job]->steps[$placed->task];
        $task = $jobs[$placed->job]->tasks[$placed->task];

        return [
            'docket' => $works[$placed->job]->docket,
            'key' => $step->key,
            'station' => $step->station->value,
            'says' => $step->says,
            'hand' => $hands[$placed->hand]->id(),
            'machine' => null !== $placed->machine,
            'from' => $at($placed->from),
            'to' => $at($placed->to),
            'until' => $at($placed->to + $task->wait),
            'pinned' => null !== $task->pin && $task->pin->from === $placed->from && $task->pin->hand === $placed->hand,
        ];
    }

    /**
     * @param list<OrderWork>    $works
     * @param list<Worker>       $hands
     * @param array<int, float>  $weights by docket
     *
     * @return list<Job>
     */
    private function jobs(array $works, array $hands, \DateTimeImmutable $now, array $weights): array
    {
        $place = array_flip(array_map(static fn (Worker $hand): int => $hand->id(), $hands));
        $pins = [];
        foreach ($this->records->getRepository(StepPin::class)->findAll() as $pin) {
            $from = $pin->from()->getTimestamp() - $now->getTimestamp();
            if ($from >= 0 && isset($place[$pin->hand()->id()])) {
                $pins[$pin->docket()][$pin->step()] = [$place[$pin->hand()->id()], $from];
            }
        }
        $paces = $this->paces->ofHands($hands);

        return array_map(
            static fn (OrderWork $work): Job => new Job(
                $work->tag,
                null === $work->due ? self::SOME_DAY : $work->due->getTimestamp() - $now->getTimestamp(),
                null === $work->due ? self::SOME_DAY_WEIGHT : $weights[$work->docket] ?? 1.0,
                array_map(static function (OrderStep $step) use ($work, $pins, $hands, $paces): Task {
                    $cuts = Station::Cut === $step->station;
                    $pin = $pins[$work->docket][$step->key] ?? null;

                    return new Task(
                        max(60, (int) (60 * ceil($step->minutes))),
                        60 * $step->wait,
                        Openings::among($hands, $step->station),
                        $cuts ? [0] : [],
                        null === $pin ? null : new Pin($pin[0], $cuts ? 0 : null, $pin[1]),
                        $paces[$step->station->value] ?? [],
                    );
                }, $work->steps),
                null === $work->begins ? 0 : max(0, $work->begins->getTimestamp() - $now->getTimestamp()),
            ),
            $works,
        );
    }

    /** @return array<int, float> by docket */
    private function weights(): array
    {
        $weights = [];
        foreach ($this->records->getRepository(OrderWeight::class)->findAll() as $one) {
            $weights[$one->docket()] = $one->weight();
        }

        return $weights;
    }

    /** So many steps are placed while it is thought about. */
    private function steps(): int
    {
        return 1000 * (int) $this->rules->current()->value(Rule::ThinkWeek);
    }

    /**
     * The order of steps of the plan there was, what is new behind it by when it is due.
     *
     * @param list<OrderWork> $works
     * @param list<Job>       $jobs
     * @param list<Entry>     $before
     *
     * @return list<int>
     */
    private static function order(array $works, array $jobs, array $before): array
    {
        if ([] === $before) {
            return [];
        }
        $known = [];
        foreach ($before as $entry) {
            $known[$entry['docket']][$entry['key']] = (new \DateTimeImmutable($entry['from']))->getTimestamp();
        }
        $steps = [];
        foreach ($works as $nth => $work) {
            $last = null;
            foreach ($work->steps as $at => $step) {
                $from = $known[$work->docket][$step->key] ?? $last ?? self::NEW + max(0, $jobs[$nth]->due);
                $last = max($last ?? $from, $from);
                $steps[] = [$last, $nth, $at];
            }
        }
        sort($steps);

        return array_column($steps, 1);
    }

    /**
     * What comes late, and the smallest change of the plan that would save it.
     *
     * @param list<OrderWork> $works
     * @param list<Job>       $jobs
     * @param list<Hours>     $hours
     *
     * @return list<Late>
     */
    private function late(Outlook $outlook, array $works, array $jobs, array $hours, \DateTimeImmutable $now): array
    {
        $late = array_filter(
            $outlook->week->late,
            static fn (int $minutes, int $nth): bool => $minutes > 0 && null !== $works[$nth]->due,
            \ARRAY_FILTER_USE_BOTH,
        );
        arsort($late);
        $told = [];
        $tried = 0;
        foreach (array_keys($late) as $nth) {
            $alone = $outlook->planner->alone($nth);
            if ($alone > $jobs[$nth]->due || $tried >= self::MOST_LATE) {
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
            ++$tried;
            $told[] = [
                'docket' => $works[$nth]->docket,
                'says' => 'Alone it would be ready '.self::said($now, $alone).': other orders stand before it.',
                'options' => [
                    ...$this->first($nth, $outlook, $works, $jobs, $hours, $now),
                    ...$this->longer($nth, $works, $jobs, $hours, $now),
                ],
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
