<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Yelbo\Shop\Orders\AskedFilms;
use Yelbo\Shop\Orders\AskedItem;
use Yelbo\Shop\Orders\AskedOn;
use Yelbo\Shop\Orders\CounterReply;
use Yelbo\Shop\Orders\HeardItem;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Plan\FilmOnThing;
use Yelbo\Trade\Plan\StepMinutes;
use Yelbo\Trade\Plan\Waits;

/** What the things of an order that is not made yet take of hands: for its promise, its price and the week. */
final readonly class AskedThings
{
    public function __construct(
        private AskedFilms $asked,
        private ShopRules $rules,
    ) {
    }

    /** @return non-empty-list<AskedThing> */
    public function of(CounterReply $reply): array
    {
        return array_map(
            fn (HeardItem $item): AskedThing => null === $item->asked
                ? $this->unseen($item->on, $item->decals())
                : $this->drawn($item->asked),
            $reply->items,
        );
    }

    /** One that is drawn, with all that is cut for it. */
    public function drawn(AskedItem $item): AskedThing
    {
        $films = [];
        foreach ($item->layers as $layer) {
            $id = $layer->film->id();
            $films[$id] = [
                $layer->film->grade(),
                $layer->film->colour(),
                ($films[$id][2] ?? 0.0) + $layer->count * $layer->outline,
            ];
        }

        return $this->thing(
            $item->on,
            $films,
            $item->copies,
            $item->weeding() / $item->copies,
            $item->things,
        );
    }

    /** The usual decal on an object of this size, where nothing more is known. */
    public function unseen(AskedOn $on, int $copies): AskedThing
    {
        $minutes = new StepMinutes($this->rules->current());
        $film = $on->film;
        $grade = $film?->grade() ?? Film::Permanent;

        return $this->thing(
            $on,
            [$film?->id() ?? 0 => [$grade, $film?->colour() ?? '', $copies * StepMinutes::UNSEEN_OUTLINE]],
            $copies,
            $minutes->weedUnseen($grade),
            [
                [
                    max(1, intdiv($copies, $on->panes())),
                    $this->asked->unseen(StepMinutes::unseenLonger($on->object?->size()), $on),
                ],
            ],
        );
    }

    /**
     * @param non-empty-array<int, array{Film, string, float}> $films
     * @param non-empty-list<array{int, non-empty-list<FilmOnThing>}> $things
     */
    private function thing(AskedOn $on, array $films, int $copies, float $weeding, array $things): AskedThing
    {
        return new AskedThing(
            $films,
            $copies,
            $weeding,
            $things,
            Waits::isElsewhere($on->use, $on->material),
            $on->here,
            $on->finish,
            $on->curedAt($this->rules->current()),
        );
    }
}
