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
 * @phpstan-import-type Order from WeekBoard
 * @phpstan-import-type Plan from WeekBoard
 */
final readonly class WeekPlanning
{
    /** s: an order nobody gave a day is due so late, and presses little. */
    private const SOME_DAY = 60 * 86_400;
    private const SOME_DAY_WEIGHT = 0.01;
    /** s: behind all that was planned before. */
    private const NEW = 10_000_000_000;

    public function __construct(
        private EntityManagerInterface $records,
        private OrderWorks $works,
        private Calendar $calendar,
        private Paces $paces,
        private ShopRules $rules,
        private ClockInterface $clock,
        private LateOrders $lateOrders,
    ) {
    }

    /**
     * @param list<Entry>                  $before of the plan there was
     * @param (\Closure(Plan): void)|null $first  told the plan as soon as there is one: without what could be changed
     *     for those that come late, which is tried one after the other
     *
     * @return Plan
     */
    public function plan(array $before, ?\Closure $first = null): array
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

        $plan = [
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
            'late' => $this->lateOrders->late($outlook, $works, $jobs, $hours, $now, false),
            'trouble' => '',
        ];
        if ([] === $plan['late']) {
            return $plan;
        }
        null === $first || $first($plan);

        return ['late' => $this->lateOrders->late($outlook, $works, $jobs, $hours, $now)] + $plan;
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
}
