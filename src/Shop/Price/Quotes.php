<?php

declare(strict_types=1);

namespace Yelbo\Shop\Price;

use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Orders\AskedItem;
use Yelbo\Shop\Orders\AskedItems;
use Yelbo\Shop\Orders\CounterReply;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\FilmNeed;
use Yelbo\Shop\Orders\QuoteTeller;
use Yelbo\Shop\Orders\StockCover;
use Yelbo\Shop\Orders\StockCoverFor;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Week\AskedThing;
use Yelbo\Shop\Week\AskedThings;
use Yelbo\Trade\Plan\Handover;
use Yelbo\Trade\Plan\StepMinutes;
use Yelbo\Trade\Price\Money;
use Yelbo\Trade\Price\PricedOrder;
use Yelbo\Trade\Price\PricedThing;
use Yelbo\Trade\Price\Pricer;
use Yelbo\Trade\Price\Quote;
use Yelbo\Trade\Price\QuoteLine;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;

/** What orders cost: while they are asked for, and as they are drawn. Source: handbook section 16. */
final readonly class Quotes implements QuoteTeller
{
    /** Pieces a price is told for, beside those that were asked for. */
    private const STEPS = [1, 5, 10, 25];

    public function __construct(
        private AskedThings $things,
        private StockCoverFor $enough,
        private AskedItems $items,
        private ShopRules $rules,
        private ClockInterface $clock,
    ) {
    }

    /** The price of an order that is only asked for; none as long as its film and its size are not known. */
    public function asked(CounterReply $reply): ?Quote
    {
        $order = $this->askedOrder($reply);

        return null === $order ? null : $this->pricer()->quote($order);
    }

    /**
     * The quote for other quantities, where it holds one thing only.
     *
     * @return list<array{int, Money}> how many, and what all of them cost
     */
    public function steps(CounterReply $reply): array
    {
        $order = 1 === \count($reply->items) ? $this->askedOrder($reply) : null;

        return null === $order
            ? []
            : array_map(
                fn (int $copies): array => [$copies, $this->pricer()->quote($order->copied($copies))->total],
                self::STEPS,
            );
    }

    /** The price of an order as it is drawn now. @throws Refused where something of it cannot be drawn */
    public function of(Docket $docket): Quote
    {
        $asked = array_map($this->items->drawn(...), $docket->items());

        return $this->pricer()->quote(
            $this->order(
                array_map($this->things->drawn(...), $asked),
                $asked,
                $this->enough->order($asked),
                $docket->neededAt(),
                $docket->delivery(),
            ),
        );
    }

    public function lines(Docket $docket): array
    {
        try {
            return array_map(
                static fn (QuoteLine $line): array => [
                    'what' => $line->what,
                    'says' => $line->says,
                    'minor' => $line->amount->minor,
                ],
                $this->of($docket)->lines,
            );
        } catch (Refused|Refusals) {
            return [];
        }
    }

    private function askedOrder(CounterReply $reply): ?PricedOrder
    {
        if (null === $reply->drawn || null === $reply->enough || 0 < $reply->enough->untold) {
            return null;
        }

        return $this->order(
            $this->things->of($reply),
            $reply->asked(),
            $reply->enough,
            $reply->order->neededOn(),
            $reply->order->delivery(),
        );
    }

    /**
     * @param non-empty-list<AskedThing> $things
     * @param list<AskedItem>            $items
     */
    private function order(
        array $things,
        array $items,
        StockCover $enough,
        ?\DateTimeImmutable $needed,
        Handover $delivery,
    ): PricedOrder {
        $rules = $this->rules->current();
        $minutes = new StepMinutes($rules);
        $days = (int) $rules->value(Rule::RushDays);

        return new PricedOrder(
            array_map(
                static fn (AskedThing $thing): PricedThing => new PricedThing(
                    $thing->copies,
                    $thing->weeding,
                    $thing->bench($rules),
                    $thing->here ? $minutes->coats($thing->finish)[0] : 0,
                    $thing->many(),
                ),
                $things,
            ),
            array_map(
                static fn (FilmNeed $need): array => [
                    'name' => $need->film->name(),
                    'area' => 1e6 * $need->needed(),
                    'price' => $need->film->price(),
                ],
                $enough->films,
            ),
            array_sum(array_column($enough->tapes, 2)),
            array_sum(array_column($enough->blanks, 1)),
            array_sum(array_map(static fn (AskedItem $item): float => $item->outline(), $items)),
            null !== $needed && $needed < $this->clock->now()->modify("+$days days"),
            $delivery,
            array_sum(array_map(static fn (AskedItem $item): float => $item->printed(), $items)),
        );
    }

    private function pricer(): Pricer
    {
        return new Pricer($this->rules->current());
    }
}
