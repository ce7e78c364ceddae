<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Designs\DesignCheck;
use Yelbo\Shop\Designs\DesignDrawer;
use Yelbo\Shop\Designs\FirstDesign;
use Yelbo\Shop\Designs\WeedingTime;
use Yelbo\Shop\Input\FieldMap;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Film\Advice;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\Suitability;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Lettering\RosterNotes;
use Yelbo\Trade\Object\SurfaceKind;
use Yelbo\Trade\Refused;

/** What can be said at the counter while the customer is still talking. */
final readonly class Counter
{
    /** Answers that may still be missing, or wrong, without the drawing being any different. */
    private const NOT_DRAWN = ['object', 'useOf', 'film', 'quantity'];

    public function __construct(
        private AnswersReader $reader,
        private Shelf $shelf,
        private DesignDrawer $drawer,
        private FirstDesign $first,
        private DesignCheck $check,
        private WeedingTime $weeding,
        private RosterNotes $rows,
        private AskedItems $items,
        private StockCoverFor $enough,
        private ShopRules $rules,
    ) {
    }

    /** Says to the answers so far what a person at the counter would. */
    public function reply(TypedOrder $typed): CounterReply
    {
        $order = $this->reader->hear($typed);
        $items = array_map($this->drawn(...), $order->items);
        $item = $items[0];
        $film = $item->film();
        $grade = $film?->grade() ?? Film::Permanent;
        $drawn = $item->drawn;
        $object = $item->on->object;
        $lines = $item->lines();

        return new CounterReply(
            $order->wrong + $item->wrong,
            $drawn,
            null === $drawn || null === $object
                ? []
                : $this->check->groups($drawn->fitted, $object, $grade, $item->on->use, $film, $drawn->design->films()),
            [...$this->check->spelling(null, $lines), ...array_filter([$this->first->says($lines)])],
            null === $drawn ? 0.0 : $this->weeding->of($drawn->fitted, $drawn->design, $grade),
            null === $film ? null : Suitability::warning($film->grade(), $item->on->use),
            $film?->life($this->rules->current()),
            $this->advice($typed->first, $item->on->use),
            $this->enough($items),
            \count($item->roster),
            [] === $item->roster ? [] : $this->rows->of($item->roster),
            $typed,
            $items,
        );
    }

    /** @param non-empty-list<HeardItem> $items */
    private function enough(array $items): ?StockCover
    {
        $known = array_values(
            array_filter(array_map(static fn (HeardItem $item): ?AskedItem => $item->asked, $items)),
        );

        return [] === $known ? null : $this->enough->order($known, \count($items) - \count($known));
    }

    /** An item with how it would be drawn at first, and what is cut for it, as far as that can be told. */
    private function drawn(HeardItem $item): HeardItem
    {
        $object = $item->on->object;
        $lines = $item->lines();
        if (
            null === $object
            || ([] === $lines && null === $item->motif)
            || [] !== array_diff_key($item->wrong, array_flip(self::NOT_DRAWN))
        ) {
            return $item;
        }
        $film = $item->film();
        $grade = $film?->grade() ?? Film::Permanent;
        try {
            $first = $this->first->of($lines, $item->motif);
            $drawn = $this->drawer->draw($object, $lines, $first, $grade, $item->on->use, $film);
        } catch (Refused $refused) {
            return $item->refused(([] === $item->roster ? FieldMap::Order : FieldMap::Roster)->refusals($refused));
        }
        try {
            return $item->as($drawn, null === $film ? null : $this->items->asked($item, $drawn->whole));
        } catch (Refused) {
            // The name is named among what is wrong, or will be.
            return $item->as($drawn, null);
        }
    }

    /** @return list<array{Advice, list<FilmOnShelf>}> */
    private function advice(Answers $answers, Usage $use): array
    {
        $kept = [];
        foreach ($this->shelf->films() as $film) {
            $kept[$film->grade()->value][] = $film;
        }
        $advice = [];
        foreach (
            Advice::all(
                $this->rules->current(),
                $use,
                Material::tryFrom($answers->on->material),
                'inside' === $answers->on->side,
                true === SurfaceKind::tryFrom($answers->on->surface->kind())?->isCurved(),
            ) as $one
        ) {
            if (isset($kept[$one->film->value])) {
                $advice[] = [$one, $kept[$one->film->value]];
            }
        }

        return $advice;
    }
}
