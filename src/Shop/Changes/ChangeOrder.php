<?php

declare(strict_types=1);

namespace Yelbo\Shop\Changes;

use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Bench\Outcomes;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Counter;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Item;
use Yelbo\Shop\Orders\TakeOrder;
use Yelbo\Shop\Orders\TypedOrder;
use Yelbo\Shop\Price\Quotes;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Trade\Journey\DocketMove;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Price\Money;
use Yelbo\Trade\Refused;

/**
 * A taken order is changed: whatever was asked, at any time before it is with its customer. What that sets back is said
 * first; then the customer says yes to what is different, and what was made of it before is lost.
 */
final readonly class ChangeOrder
{
    private const OPEN = [DocketState::Sizing, DocketState::Proofing, DocketState::Making];
    private const WHY = 'the order was changed';

    public function __construct(
        private TakeOrder $take,
        private Counter $counter,
        private Quotes $quotes,
        private Differences $differences,
        private Outcomes $outcomes,
        private Change $change,
        private Book $book,
        private ClockInterface $clock,
    ) {
    }

    /**
     * What would be different, and what that sets back; nothing is changed.
     *
     * @param list<int> $items the number of the item each set of answers is of; 0 of one that is added
     *
     * @throws Refusals|Refused
     */
    public function look(Docket $docket, TypedOrder $typed, array $items): OrderChange
    {
        if (!\in_array($docket->state(), self::OPEN, true)) {
            throw new Refused(
                'illegal-move',
                "{$docket->tag()} is {$docket->state()->value}: it is not changed any more.",
            );
        }
        $answers = self::from($docket, $typed->first);
        $typed = new TypedOrder($answers, $typed->others);
        $all = $typed->items();
        if (\count($items) !== \count($all)) {
            throw Refusals::at('items', 'Say of each item which one it is.');
        }
        $of = array_map(static fn (int $nth): ?Item => 0 === $nth ? null : $docket->item($nth), $items);
        $before = $docket->items()[0]->answers();
        $agreed = $this->take->agreed($typed, $before->neededOn);
        $once = $this->differences->ofOrder($before, $answers);
        [$says, $again] = $this->ofItems($docket, $of, $all);
        $dropped = array_values(
            array_filter($docket->items(), static fn (Item $item): bool => !\in_array($item, $of, true)),
        );
        foreach ($dropped as $item) {
            $says[] = "not made after all: {$item->label()}";
        }
        $dearer = $this->dearer($docket, $all);
        $isOther = [] !== $again || [] !== $dropped || \in_array(null, $of, true);
        $needsProof = $isOther || ([] !== $once && null !== $dearer && 0 !== $dearer && null !== $docket->price());
        $setsBack = [
            ...$this->lost([...$again, ...$dropped], $docket),
            ...$needsProof ? $this->proof($docket) : [],
            ...$this->price($docket, $dearer),
        ];

        return new OrderChange(
            $agreed,
            $all,
            $of,
            [...array_values($once), ...$says],
            $setsBack,
            $again,
            $dropped,
            $needsProof,
        );
    }

    /**
     * @param list<Item|null> $of  what is there already, by the place of what is typed
     * @param list<Answers>   $all
     *
     * @return array{list<string>, list<Item>} what is said of them, and those that are drawn anew
     */
    private function ofItems(Docket $docket, array $of, array $all): array
    {
        $says = $again = [];
        $many = \count($docket->items()) > 1 || \count($all) > 1;
        foreach ($of as $place => $item) {
            if (null === $item) {
                $says[] = "another item: {$all[$place]->label()}";
                continue;
            }
            $different = $this->differences->ofItem($item->answers(), $all[$place]);
            foreach ($different as $one) {
                $says[] = ($many ? "item {$item->nth()}, " : '').$one;
            }
            if ([] !== $different) {
                $again[] = $item;
            }
        }

        return [$says, $again];
    }

    /**
     * Changes it.
     *
     * @throws Conflict|Refused
     */
    public function apply(Docket $docket, int $version, OrderChange $change): void
    {
        if ([] === $change->says) {
            throw new Refused('nothing-changed', 'Nothing is different.');
        }
        $this->change->apply($docket, $version, function () use ($docket, $change): void {
            $this->makeRoom($docket, $change);
            foreach ($change->items as $place => $item) {
                $answers = $change->answers[$place];
                if (null === $item) {
                    $item = $docket->add($answers->ofItem());
                    $item->agree($change->agreed->items[$place]);
                    $this->take->drawFirst($item);
                } elseif (\in_array($item, $change->again, true)) {
                    $item->kept()->askedAnew($answers->ofItem());
                    $item->agree($change->agreed->items[$place]);
                }
            }
            foreach ($change->dropped as $item) {
                $docket->drop($item);
            }
            $docket->askAnew(
                $change->answers[0]->ofOrder(),
                $change->agreed,
                TakeOrder::customer($change->agreed),
            );
            foreach ($change->says as $says) {
                $this->book->note('order-changed', 'Order changed: '.$says, $docket->number());
            }
        });
    }

    /** These answers, from the customer the order has as long as no other name is given. */
    private static function from(Docket $docket, Answers $answers): Answers
    {
        $customer = $docket->customer();

        return '' === $answers->known
            && mb_strtolower(trim($answers->customer)) === mb_strtolower($customer?->name() ?? '')
            ? Answers::fromKept(['known' => (string) $customer?->id()] + $answers->toArray())
            : $answers;
    }

    /** What was made of what is different is lost, and the order goes back to where that is drawn. */
    private function makeRoom(Docket $docket, OrderChange $change): void
    {
        $now = $this->clock->now();
        $items = [...$change->again, ...$change->dropped];
        foreach ($docket->pieces() as $piece) {
            if (!\in_array($piece->item(), $items, true)) {
                continue;
            }
            if (PieceState::Waiting !== $piece->state()) {
                $this->outcomes->keep($piece, PieceMove::Spoil, self::WHY);
                $piece->spoil(self::WHY, $now);
            }
            $piece->move(PieceMove::Withdraw, $now);
        }
        if ($change->needsProof && DocketState::Sizing !== $docket->state()) {
            $docket->move(DocketState::Making === $docket->state() ? DocketMove::Reopen : DocketMove::Change);
        }
    }

    /**
     * @param list<Item> $items
     *
     * @return list<string>
     *
     * @throws Refused where something of them cannot be called back
     */
    private function lost(array $items, Docket $docket): array
    {
        $cut = $batched = [];
        foreach ($docket->pieces() as $piece) {
            if (!\in_array($piece->item(), $items, true)) {
                continue;
            }
            match ($piece->state()) {
                PieceState::Cutting => throw new Refused(
                    'illegal-move',
                    "{$piece->tag()} is on the cutter this moment. Let it end, or stop it at Cut, and change the "
                        .'order then.',
                ),
                PieceState::OnItsWay, PieceState::Delivered => throw new Refused(
                    'illegal-move',
                    "{$piece->tag()} is with its customer, or on its way. What is to be different is another order.",
                ),
                PieceState::Waiting => null,
                PieceState::Batched => $batched[] = $piece->tag(),
                default => $cut[] = $piece->tag(),
            };
        }

        return array_values(
            array_filter([
                [] === $batched ? '' : self::list($batched).' leave their batch.',
                [] === $cut
                    ? ''
                    : self::list($cut).(1 === \count($cut) ? ' is cut already and lost.' : ' are cut already and '
                        .'lost.'),
            ]),
        );
    }

    /** @param non-empty-list<string> $tags */
    private static function list(array $tags): string
    {
        return \count($tags) > 4
            ? implode(', ', \array_slice($tags, 0, 3)).' and '.(\count($tags) - 3).' more'
            : implode(', ', $tags);
    }

    /** @return list<string> */
    private function proof(Docket $docket): array
    {
        return match ($docket->state()) {
            DocketState::Making => ['The customer’s yes is taken back: a new proof, and a new yes.'],
            DocketState::Proofing => ['The proof that was made does not hold any more: a new one.'],
            default => [],
        };
    }

    /** @return list<string> */
    private function price(Docket $docket, ?int $dearer): array
    {
        $price = $docket->price();
        if (null === $price || null === $dearer || 0 === $dearer) {
            return [];
        }
        $by = Money::minor(abs($dearer))->plain();

        return ["About $by ".($dearer > 0 ? 'more' : 'less').' than the '.Money::minor($price)->plain().' agreed.'];
    }

    /**
     * By how much it is dearer, by the estimate before and after; none where that cannot be told.
     *
     * @param non-empty-list<Answers> $now
     */
    private function dearer(Docket $docket, array $now): ?int
    {
        $before = $this->estimate(
            array_map(static fn (Item $item): Answers => $item->answers(), $docket->items()),
        );
        $after = $this->estimate($now);

        return null === $before || null === $after ? null : $after - $before;
    }

    /** @param non-empty-list<Answers> $all */
    private function estimate(array $all): ?int
    {
        return $this->quotes->asked($this->counter->reply(TypedOrder::of($all)))?->total->minor;
    }
}
