<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Heard;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Journey\Station;
use Yelbo\Trade\Plan\Finish;
use Yelbo\Trade\Plan\StepMinutes;
use Yelbo\Trade\Plan\Waits;
use Yelbo\Trade\Refused;
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
        private ShopRules $rules,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param list<Answers> $others what was answered of the other things of the order
     *
     * @return Promised|null none where the shop is never open
     */
    public function of(Answers $answers, Heard $heard, array $others): ?Promised
    {
        $things = $this->things->of($answers, $heard, $others);
        $open = Openings::of($this->calendar, $this->clock->now());
        [$plan] = $this->board->current();
        try {
            return $this->promised($things, $plan, $open, trim($answers->neededOn));
        } catch (Refused) {
            return null;
        }
    }

    /**
     * @param list<AskedThing> $things
     * @param Plan|null        $plan
     */
    private function promised(array $things, ?array $plan, Openings $open, string $typed): Promised
    {
        $steps = $this->steps($things);
        $entries = $plan['entries'] ?? [];
        [$placed, $ready] = $this->placed($steps, $things, $entries, $open);
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $typed, $open->now->getTimezone());
        $used = false === $day ? null : (new Promise($this->rules->current()))->usedAt($day);
        $readyAt = self::at($open->now, $ready);

        return new Promised(
            $readyAt,
            self::chain($steps, $placed, $open->now, $readyAt),
            null === $used ? null : $used >= $readyAt,
            null === $used ? null : $this->yesBy($things, $entries, $open, $used),
            $this->sooner($things, $plan, $open, $ready),
        );
    }

    /**
     * @param list<AskedThing> $things
     *
     * @return list<OrderStep>
     */
    private function steps(array $things): array
    {
        $rules = $this->rules->current();
        $minutes = new StepMinutes($rules);
        $weed = $apply = 0.0;
        $films = $coats = [];
        $rest = $after = 0;
        foreach ($things as $thing) {
            $weed += $thing->copies * $thing->weeding;
            $films[$thing->film->value.$thing->filmName] = $thing->filmName;
            $apply += $thing->copies * $thing->bench($minutes);
            $until = Waits::untilUsed($thing->film, $thing->finish, $rules);
            [$many, $dries] = $thing->here ? $minutes->coats($thing->finish) : [0, 0];
            for ($nth = 0; $nth < $many; ++$nth) {
                $coats[$nth] = [$thing->copies + ($coats[$nth][0] ?? 0), max($dries, $coats[$nth][1] ?? 0)];
            }
            if ($thing->here && !$thing->elsewhere) {
                $rest = max($rest, $until);
            } else {
                $after = max($after, $until);
            }
        }
        $last = \count($coats) - 1;

        $steps = [
            new OrderStep('size', Station::Size, $minutes->setUp(\count($things)), $minutes->yes(), 'sized'),
            ...array_map(
                static fn (string $film): OrderStep => new OrderStep(
                    "cut-$film",
                    Station::Cut,
                    $minutes->cut(StepMinutes::UNSEEN_OUTLINE),
                    0,
                    'cut',
                ),
                array_keys($films),
            ),
            new OrderStep('weed', Station::Weed, $weed, 0, 'weeded'),
            new OrderStep(
                'apply',
                Station::Apply,
                $apply,
                [] === $coats ? $rest : 0,
                self::any($things, static fn (AskedThing $thing): bool => $thing->here) ? 'applied' : 'taped',
            ),
            ...array_map(
                static fn (int $nth): OrderStep => new OrderStep(
                    "coat-$nth",
                    Station::Apply,
                    $minutes->coat($coats[$nth][0]),
                    $nth === $last ? max($coats[$nth][1], $rest - $nth * $coats[$nth][1]) : $coats[$nth][1],
                    'coat',
                ),
                array_keys($coats),
            ),
            new OrderStep('send', Station::Send, $minutes->pack(), $after, 'handed over'),
        ];

        return array_merge(...array_map(static fn (OrderStep $step): array => $step->inParts(), $steps));
    }

    /**
     * @param list<OrderStep>  $steps
     * @param list<AskedThing> $things
     * @param list<Entry>      $entries what is planned already
     * @param int              $yes     s since now: nothing behind the proof begins before
     *
     * @return array{list<Placed>, int} and when it is ready, s since now
     *
     * @throws Refused where the shop is hardly ever open
     */
    private function placed(array $steps, array $things, array $entries, Openings $open, int $yes = 0): array
    {
        $cured = max([
            0,
            ...array_map(
                static fn (AskedThing $thing): int => null === $thing->cured
                    ? 0
                    : $thing->cured->getTimestamp() - $open->now->getTimestamp(),
                $things,
            ),
        ]);
        $everybody = array_keys($open->hours);
        $job = new Job('', 0, 1.0, array_map(
            static fn (OrderStep $step): Task => new Task(
                max(60, (int) (60 * ceil($step->minutes))),
                60 * $step->wait,
                $everybody,
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
                        'apply' === $step->key => max($state->ready[0], $cured),
                        Station::Cut === $step->station => max($state->ready[0], $yes),
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
     * What it is made of, to be read out at the counter.
     *
     * @param list<OrderStep> $steps
     * @param list<Placed>    $placed
     */
    private static function chain(
        array $steps,
        array $placed,
        \DateTimeImmutable $now,
        \DateTimeImmutable $readyAt,
    ): string {
        $day = static function (int $seconds) use ($now): string {
            $at = self::at($now, $seconds);

            return $at->format($seconds < 6 * 86_400 ? 'D' : 'D j M');
        };
        $said = $coats = [];
        $rests = 0;
        foreach ($steps as $nth => $step) {
            $ends = $placed[$nth]->to;
            $coats = [...$coats, ...'coat' === $step->says ? [$day($ends)] : []];
            $rests = Station::Apply === $step->station ? $ends + 60 * $step->wait : $rests;
            if ('send' !== $step->key && 'coat' !== $step->says) {
                $said[] = strtok($step->says, ',')." {$day($ends)}";
            }
            if ('size' === $step->key) {
                $said[] = 'your yes '.$day($ends + 60 * $step->wait);
            }
        }
        if ([] !== $coats) {
            $said[] = (1 === \count($coats) ? 'a coat ' : 'coats ').implode(' and ', array_unique($coats));
        }
        $last = \count($steps) - 1;
        $handed = $placed[$last]->to;
        $said[] = $rests > $placed[$last - 1]->to ? "rests until {$day($rests)}" : "handed over {$day($handed)}";
        if ($steps[$last]->wait > 0) {
            $said[] = 'rests on its object from then';
        }

        return ucfirst(implode(', ', array_unique($said))).'; ready '.$readyAt->format('D j M, H:i').'.';
    }

    /**
     * By when the yes is needed so that it is ready in time.
     *
     * @param list<AskedThing> $things
     * @param list<Entry>      $entries
     */
    private function yesBy(
        array $things,
        array $entries,
        Openings $open,
        \DateTimeImmutable $used,
    ): ?\DateTimeImmutable {
        $steps = $this->steps($things);
        $steps[0] = new OrderStep('size', Station::Size, $steps[0]->minutes, 0, 'sized');
        $most = $used->getTimestamp() - $open->now->getTimestamp();
        $best = null;
        // Later is never earlier: the latest that holds is sought by halves.
        [$low, $high] = [0, min(self::HALF_DAYS * 2, max(0, intdiv($most, 43_200)))];
        while ($low <= $high) {
            $middle = ($low + $high) >> 1;
            if ($this->placed($steps, $things, $entries, $open, $middle * 43_200)[1] <= $most) {
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
     * @param list<AskedThing> $things
     * @param Plan|null        $plan
     *
     * @return list<array{says: string, ready: \DateTimeImmutable}>
     */
    private function sooner(array $things, ?array $plan, Openings $open, int $ready): array
    {
        $entries = $plan['entries'] ?? [];
        $steps = $this->steps($things);
        $today = $steps;
        $today[0] = new OrderStep('size', Station::Size, $steps[0]->minutes, 60, 'sized');
        $ways = ['with your yes within the hour' => $this->placed($today, $things, $entries, $open)[1]];
        if (self::any($things, static fn (AskedThing $thing): bool => Finish::None !== $thing->finish)) {
            $bare = array_map(static fn (AskedThing $thing): AskedThing => $thing->uncoated(), $things);
            $ways['with nothing over it'] = $this->placed($this->steps($bare), $bare, $entries, $open)[1];
        }
        if (self::any($things, static fn (AskedThing $thing): bool => $thing->here && !$thing->elsewhere)) {
            $away = array_map(static fn (AskedThing $thing): AskedThing => $thing->givenAway(), $things);
            $ways['if you put it on yourself'] = $this->placed($this->steps($away), $away, $entries, $open)[1];
        }
        foreach ($this->largest($plan) as $docket => $tag) {
            $others = array_values(
                array_filter($entries, static fn (array $entry): bool => $entry['docket'] !== $docket),
            );
            $ways["before order $tag"] = $this->placed($steps, $things, $others, $open)[1];
        }
        if ([] !== $entries) {
            $ways['before all other orders'] = $this->placed($steps, $things, [], $open)[1];
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

    /**
     * @param list<AskedThing>           $things
     * @param \Closure(AskedThing): bool $is
     */
    private static function any(array $things, \Closure $is): bool
    {
        return [] !== array_filter($things, $is);
    }

    private static function at(\DateTimeImmutable $now, int $seconds): \DateTimeImmutable
    {
        return $now->add(new \DateInterval("PT{$seconds}S"));
    }
}
