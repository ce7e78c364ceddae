<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Designs\BroughtArts;
use Yelbo\Shop\Designs\DesignFitter;
use Yelbo\Shop\Designs\Draft;
use Yelbo\Shop\Designs\FirstDesign;
use Yelbo\Shop\Designs\RosterFitter;
use Yelbo\Shop\Input\FieldMap;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Refused;

/** Begins a docket, keeps what was typed, and takes the order once the answers make sense. */
final readonly class TakeOrder
{
    public function __construct(
        private EntityManagerInterface $records,
        private Dockets $dockets,
        private AnswersReader $reader,
        private AgainReader $lists,
        private DesignFitter $drawing,
        private RosterFitter $rosters,
        private FirstDesign $first,
        private BroughtArts $arts,
        private Change $change,
        private Book $book,
        private ClockInterface $clock,
    ) {
    }

    /** @throws Refusals where it is to be taken and something is missing; then nothing is stored */
    public function begin(TypedOrder $typed, bool $take): Docket
    {
        $agreed = $take ? $this->agreed($typed) : null;

        return $this->dockets->numbering(
            fn (): Docket => $this->records->wrapInTransaction(function () use ($typed, $agreed): Docket {
                $docket = new Docket($this->dockets->nextNumber(), $typed->first->ofOrder(), $this->clock->now());
                $this->keep($docket, $typed);
                $this->records->persist($docket);
                $this->book->note('begun', 'Order begun', $docket->number());
                if (null !== $agreed) {
                    $this->take($docket, $agreed);
                }

                return $docket;
            }),
        );
    }

    /** @throws Refusals */
    public function answer(Docket $docket, int $version, TypedOrder $typed, bool $take): void
    {
        if (DocketState::Asking !== $docket->state()) {
            throw new Refused(
                'illegal-move',
                "{$docket->tag()} is already taken. Go back to Ask from Size to change its answers.",
            );
        }
        $agreed = $take ? $this->agreed($typed) : null;
        $this->change->apply($docket, $version, function () use ($docket, $typed, $agreed): void {
            $docket->keepAnswers($typed->first->ofOrder());
            $this->keep($docket, $typed);
            if (null !== $agreed) {
                $this->take($docket, $agreed);
            }
        });
    }

    /**
     * Another thing for an order that was taken already, and is not being made.
     *
     * @throws Refusals|Refused|Conflict
     */
    public function add(Docket $docket, int $version, Answers $answers): Item
    {
        self::expectSizing($docket);
        $agreed = $this->tried($this->reader->item($answers)->agreed());

        return $this->change->apply($docket, $version, function () use ($docket, $answers, $agreed): Item {
            $item = $docket->add($answers->ofItem());
            $item->agree($agreed);
            $docket->changed();
            $this->noteAdded($docket, $item);

            return $item;
        });
    }

    /**
     * An order again, with other words: an item for each line of what was typed, all of them or none.
     *
     * @param Item   $like  what is made again, of any order at any age
     * @param string $typed as `AgainReader` reads it; the same words where it is empty
     *
     * @return non-empty-list<Item>
     *
     * @throws Refusals|Refused|Conflict
     */
    public function again(Docket $docket, int $version, Item $like, string $typed): array
    {
        self::expectSizing($docket);
        $each = [];
        foreach ($this->lists->read($like, $typed) as $answers) {
            $each[] = [$answers, $this->tried($this->reader->item($answers)->agreed())];
        }

        return $this->change->apply($docket, $version, function () use ($docket, $each, $like): array {
            $items = [];
            foreach ($each as [$answers, $agreed]) {
                $item = $docket->add($answers->ofItem());
                $item->agree($agreed);
                $docket->draw(
                    $item,
                    $this->arts->along(
                        new Draft(
                            $item->words(),
                            $like->design()->sized(null)->standingIn($agreed->motif),
                            $item->roster(),
                            elements: $like->elements(),
                        ),
                        $docket->number(),
                    ),
                );
                $this->noteAdded($docket, $item);
                $items[] = $item;
            }

            return $items;
        });
    }

    /** A thing is not made after all. @throws Refused|Conflict */
    public function drop(Docket $docket, int $version, Item $item): void
    {
        self::expectSizing($docket);
        $this->change->apply($docket, $version, function () use ($docket, $item): void {
            $docket->drop($item);
            $this->book->note('item', "Not made after all: {$item->label()}", $docket->number());
        });
    }

    private function noteAdded(Docket $docket, Item $item): void
    {
        $this->book->note(
            'item',
            "Another item: {$item->label()} × {$item->quantity()} on {$item->object()->name()}, "
                ."{$item->ownFilm()->name()}",
            $docket->number(),
        );
    }

    private static function expectSizing(Docket $docket): void
    {
        if (DocketState::Sizing !== $docket->state()) {
            throw new Refused(
                'illegal-move',
                "{$docket->tag()} is not at Size. Change its proof, or open it again, and then add to it.",
            );
        }
    }

    /** Keeps what was typed, thing by thing; of what was typed no longer there is nothing. */
    private function keep(Docket $docket, TypedOrder $typed): void
    {
        $items = $docket->hasItems() ? $docket->items() : [];
        foreach ($typed->items() as $nth => $one) {
            if (isset($items[$nth])) {
                $items[$nth]->kept()->typed($one->ofItem());
            } else {
                $docket->add($one->ofItem());
            }
        }
        foreach (\array_slice($items, \count($typed->items())) as $gone) {
            $docket->drop($gone);
        }
        $docket->changed();
    }

    /**
     * The answers read, and the words tried on the objects, so that no order is taken that cannot be drawn.
     *
     * @param string $kept the day that was agreed before, where it was
     *
     * @throws Refusals
     */
    public function agreed(TypedOrder $typed, string $kept = ''): AgreedOrder
    {
        $agreed = $this->reader->read($typed, $kept);
        foreach ($agreed->items as $nth => $item) {
            try {
                $this->tried($item);
            } catch (Refusals $refusals) {
                throw 0 === $nth ? $refusals : $refusals->under('others.'.($nth - 1).'.');
            }
        }

        return $agreed;
    }

    private function tried(AgreedItem $agreed): AgreedItem
    {
        try {
            if ([] === $agreed->roster) {
                $first = $this->first->of($agreed->words, $agreed->motif);
                $this->drawing->fit($agreed->object, $agreed->words, $first);
            } else {
                $first = $this->first->of(array_merge(...$agreed->roster));
                // Whether each can be drawn is what is asked here, and how large each is exactly when it is drawn.
                $this->rosters->sketchSet($agreed->object, $agreed->roster, $first);
            }
        } catch (Refused $refused) {
            throw ([] === $agreed->roster ? FieldMap::Order : FieldMap::Roster)->refusals($refused);
        }

        return $agreed;
    }

    /** An item that nobody drew yet begins in the usual face, or in the first that has all its letters. */
    public function drawFirst(Item $item): void
    {
        $texts = [...$item->words(), ...array_merge([], ...$item->roster())];
        $item->beginIn($this->first->of($texts, $item->answers()->motif()));
    }

    /** Nothing that is known of a customer is overwritten by an order; what was not known is kept. */
    public static function customer(AgreedOrder $agreed): Customer
    {
        $customer = $agreed->known ?? new Customer($agreed->customer, $agreed->contact);
        if ('' === $customer->contact()) {
            $customer->reachAt($agreed->contact);
        }

        return $customer;
    }

    private function take(Docket $docket, AgreedOrder $agreed): void
    {
        $docket->agree($agreed, self::customer($agreed));
        foreach ($docket->items() as $item) {
            $this->drawFirst($item);
            $this->book->note(
                'taken',
                "Order taken: {$item->label()} × {$item->quantity()} on {$item->object()->name()}, "
                    ."{$item->ownFilm()->name()}",
                $docket->number(),
            );
        }
    }
}
