<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Journey\Station;
use Yelbo\Trade\Plan\Handover;
use Yelbo\Trade\Plan\StepMinutes;

/** The steps of an order that is only asked for yet, with their minutes and waits. Source: handbook sections 12, 16. */
final readonly class AskedSteps
{
    public const APPLY = 'apply';
    public const SEND = 'send';
    public const SIZE = 'size';
    public const COAT = 'coat';

    public function __construct(private ShopRules $rules)
    {
    }

    /**
     * @param int|null $yes minutes until the customer says yes; none for the usual
     *
     * @return non-empty-list<OrderStep> in order, each in parts that fit into a day
     */
    public function of(AskedOrder $order, ?int $yes = null): array
    {
        $rules = $this->rules->current();
        $minutes = new StepMinutes($rules);
        $bench = new BenchToDo();
        $weed = 0.0;
        $films = [];
        foreach ($order->things as $thing) {
            $bench->asked($thing, $minutes, $rules);
            $weed += $thing->copies * $thing->weeding;
            foreach ($thing->films as $id => [, , $outline]) {
                $films[$id] = $outline + ($films[$id] ?? 0.0);
            }
        }
        [$apply, $coats, $rest, $after] = $bench->all();
        $cut = static fn (int $film, float $outline): OrderStep => new OrderStep(
            "cut-$film",
            Station::Cut,
            $minutes->cut($outline),
            0,
            'cut',
        );
        $applied = $order->isAppliedHere() ? 'applied' : 'taped';
        $steps = [
            new OrderStep(
                self::SIZE,
                Station::Size,
                $minutes->setUp(\count($order->things)),
                $yes ?? $minutes->yes(),
                'sized',
            ),
            ...array_map($cut, array_keys($films), $films),
            new OrderStep('weed', Station::Weed, $weed, 0, 'weeded'),
            new OrderStep(self::APPLY, Station::Apply, $apply, [] === $coats ? $rest : 0, $applied),
            ...self::coats($coats, $rest, $minutes),
            new OrderStep(
                self::SEND,
                Station::Send,
                $minutes->pack() + $order->delivery->minutes($rules),
                $order->delivery->onItsWay($rules) + $after,
                Handover::Posted === $order->delivery ? 'posted' : 'handed over',
            ),
        ];

        return array_merge(...array_map(static fn (OrderStep $step): array => $step->inParts(), $steps));
    }

    /**
     * @param array<int, array{int, int}> $coats how many pieces, and minutes each dries
     *
     * @return list<OrderStep>
     */
    private static function coats(array $coats, int $rest, StepMinutes $minutes): array
    {
        $last = \count($coats) - 1;

        return array_map(
            static fn (int $nth): OrderStep => new OrderStep(
                self::COAT."-$nth",
                Station::Apply,
                $minutes->coat($coats[$nth][0]),
                // What is coated rests meanwhile.
                $nth === $last ? max($coats[$nth][1], $rest - $nth * $coats[$nth][1]) : $coats[$nth][1],
                self::COAT,
            ),
            array_keys($coats),
        );
    }
}
