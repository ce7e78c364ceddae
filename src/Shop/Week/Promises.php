<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Orders\CounterReply;
use Yelbo\Shop\Orders\FilmNeed;
use Yelbo\Shop\Orders\TypedOrder;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Journey\Station;
use Yelbo\Trade\Plan\Handover;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Time\Promise;
use Yelbo\Trade\Week\Job;
use Yelbo\Trade\Week\OutOfHours;
use Yelbo\Trade\Week\Placed;
use Yelbo\Trade\Week\Task;
use Yelbo\Trade\Week\Timetable;

/**
 * Tells at the counter when an order can be ready: its steps are put where the plan of the week leaves hands and
 * machine free. Source: handbook sections 12 and 16.
 *
 * @phpstan-import-type Entry from WeekBoard
 * @phpstan-import-type Plan from WeekBoard
 */
final readonly class Promises
{
    /** s of open hours looked ahead behind what is planned, at first and at the most. */
    private const AHEAD = 80 * 3600;
    private const MOST_AHEAD = 4000 * 3600;
    /** s: what makes it earlier by less is not told. */
    private const WORTH = 3 * 3600;
    private const MOST_TOLD = 3;
    /** Half days that are tried for the latest yes. */
    private const HALF_DAYS = 40;

    public function __construct(
        private WeekBoard $board,
        private Calendar $calendar,
        private AskedThings $things,
        private AskedSteps $steps,
        private ShopRules $rules,
        private ClockInterface $clock,
    ) {
    }

    /** @return Promised|null none where the shop is never open */
    public function of(CounterReply $reply): ?Promised
    {
        $open = Openings::of($this->calendar, $this->clock->now());
        [$plan] = $this->board->current();
        try {
            return $this->promised($this->asked($reply), $plan, $open, $reply->order);
        } catch (Refused) {
            return null;
        }
    }

    private function asked(CounterReply $reply): AskedOrder
    {
        $restock = (int) (86_400 * $this->rules->current()->value(Rule::RestockDays));
        $films = array_filter(
            $reply->enough->films ?? [],
            static fn (FilmNeed $need): bool => $need->toBuy() > 0.0,
        );
        $blanks = array_filter(
            $reply->enough->blanks ?? [],
            static fn (array $blank): bool => $blank[1] > $blank[0]->amount(),
        );

        return new AskedOrder(
            $this->things->of($reply),
            $reply->order->delivery(),
            [] === $films ? 0 : $restock,
            [] === $blanks ? 0 : $restock,
        );
    }

    /** @param Plan|null $plan */
    private function promised(AskedOrder $order, ?array $plan, Openings $open, TypedOrder $typed): Promised
    {
        $steps = $this->steps->of($order);
        $entries = $plan['entries'] ?? [];
        [$placed, $ready] = $this->placed($steps, $order, $entries, $open);
        $day = $typed->neededOn($open->now->getTimezone());
        $used = null === $day ? null : (new Promise($this->rules->current()))->usedAt($day);
        $readyAt = self::at($open->now, $ready);

        return new Promised(
            $readyAt,
            (new PromiseChain($open->now, 60 * $order->delivery->onItsWay($this->rules->current())))
                ->says($order, $steps, $placed, $readyAt),
            null === $used ? null : $used >= $readyAt,
            null === $used ? null : $this->yesBy($order, $entries, $open, $used),
            $this->sooner($order, $plan, $open, $ready),
        );
    }

    /**
     * @param non-empty-list<OrderStep> $steps
     * @param list<Entry>               $entries what is planned already
     * @param int                       $yes     s since now: nothing behind the proof begins before
     *
     * @return array{non-empty-list<Placed>, int} and when it is ready, s since now
     *
     * @throws Refused where the shop is hardly ever open
     */
    private function placed(array $steps, AskedOrder $order, array $entries, Openings $open, int $yes = 0): array
    {
        $applied = max($order->curedIn($open->now), $order->blanksIn);
        $cut = max($yes, $order->filmIn);
        $job = new Job('', 0, 1.0, array_map(
            static fn (OrderStep $step): Task => new Task(
                max(60, (int) (60 * ceil($step->minutes))),
                60 * $step->wait,
                $open->able($step->station),
                Station::Cut === $step->station ? [0] : [],
            ),
            $steps,
        ));
        for ($ahead = self::AHEAD;; $ahead *= 3) {
            $free = $open->less($entries, $ahead);
            $timetable = new Timetable([$job], $free['hands'], 1);
            $state = $timetable->empty();
            $state->machines[0] = $free['machine'];
            try {
                $placed = [];
                foreach ($steps as $step) {
                    $state->ready[0] = match (true) {
                        AskedSteps::APPLY === $step->key => max($state->ready[0], $applied),
                        Station::Cut === $step->station => max($state->ready[0], $cut),
                        default => $state->ready[0],
                    };
                    $placed[] = $timetable->place($state, 0);
                }

                return [$placed, $state->ready[0]];
            } catch (OutOfHours) {
                if ($ahead > self::MOST_AHEAD) {
                    throw new Refused('closed', 'There are no hours for it.');
                }
            }
        }
    }

    /**
     * By when the yes is needed so that it is ready in time.
     *
     * @param list<Entry> $entries
     */
    private function yesBy(
        AskedOrder $order,
        array $entries,
        Openings $open,
        \DateTimeImmutable $used,
    ): ?\DateTimeImmutable {
        $steps = $this->steps->of($order, 0);
        $most = $used->getTimestamp() - $open->now->getTimestamp();
        $best = null;
        // Later is never earlier: the latest that holds is sought by halves.
        [$low, $high] = [0, min(self::HALF_DAYS * 2, max(0, intdiv($most, 43_200)))];
        while ($low <= $high) {
            $middle = ($low + $high) >> 1;
            if ($this->placed($steps, $order, $entries, $open, $middle * 43_200)[1] <= $most) {
                [$best, $low] = [$middle, $middle + 1];
            } else {
                $high = $middle - 1;
            }
        }

        return null === $best ? null : self::at($open->now, $best * 43_200);
    }

    /**
     * What would make it earlier.
     *
     * @param Plan|null $plan
     *
     * @return list<array{says: string, ready: \DateTimeImmutable}>
     */
    private function sooner(AskedOrder $order, ?array $plan, Openings $open, int $ready): array
    {
        $entries = $plan['entries'] ?? [];
        $readyOf = fn (AskedOrder $one): int => $this->placed($this->steps->of($one), $one, $entries, $open)[1];
        $steps = $this->steps->of($order);
        $ways = [
            'with your yes within the hour' => $this->placed($this->steps->of($order, 60), $order, $entries, $open)[1],
            ...Handover::Posted === $order->delivery
                ? ['collected instead of posted' => $readyOf($order->collected())]
                : [],
            ...$order->isCoated() ? ['with nothing over it' => $readyOf($order->uncoated())] : [],
            ...$order->restsHere() ? ['if you put it on yourself' => $readyOf($order->givenAway())] : [],
            ...$order->filmIn + $order->blanksIn > 0
                ? ['of what is on the shelf' => $readyOf($order->fromTheShelf())]
                : [],
        ];
        foreach ($this->largest($plan) as $docket => $tag) {
            $others = array_values(
                array_filter($entries, static fn (array $entry): bool => $entry['docket'] !== $docket),
            );
            $ways["before order $tag"] = $this->placed($steps, $order, $others, $open)[1];
        }
        if ([] !== $entries) {
            $ways['before all other orders'] = $this->placed($steps, $order, [], $open)[1];
        }
        asort($ways);
        $told = [];
        foreach ($ways as $says => $sooner) {
            if ($sooner <= $ready - self::WORTH && \count($told) < self::MOST_TOLD) {
                $told[] = ['says' => $says, 'ready' => self::at($open->now, $sooner)];
            }
        }

        return $told;
    }

    /**
     * The orders that take most of the hands and could wait.
     *
     * @param Plan|null $plan
     *
     * @return array<int, string> tags by docket
     */
    private function largest(?array $plan): array
    {
        $takes = [];
        foreach ($plan['entries'] ?? [] as $entry) {
            $takes[$entry['docket']] = ($takes[$entry['docket']] ?? 0) +
                (new \DateTimeImmutable($entry['to']))->getTimestamp() -
                (new \DateTimeImmutable($entry['from']))->getTimestamp();
        }
        arsort($takes);
        $orders = array_column($plan['orders'] ?? [], null, 'docket');
        $tags = [];
        foreach (array_keys($takes) as $docket) {
            if (0 === ($orders[$docket]['late'] ?? 1)) {
                $tags[$docket] = $orders[$docket]['tag'];
            }
        }

        return \array_slice($tags, 0, 2, true);
    }

    private static function at(\DateTimeImmutable $now, int $seconds): \DateTimeImmutable
    {
        return $now->add(new \DateInterval("PT{$seconds}S"));
    }
}
