<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Input\TypedWords;
use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Objects\ObjectReader;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\AskedFilms;
use Yelbo\Shop\Orders\AskedItem;
use Yelbo\Shop\Orders\AskedOn;
use Yelbo\Shop\Orders\Heard;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Plan\FilmOnThing;
use Yelbo\Trade\Plan\Finish;
use Yelbo\Trade\Plan\StepMinutes;
use Yelbo\Trade\Plan\Waits;
use Yelbo\Trade\Time\Paint;

/** What the things of an order that is not made yet take of hands: for its promise, its price and the week. */
final readonly class AskedThings
{
    public function __construct(
        private Shelf $shelf,
        private ObjectReader $objects,
        private AskedFilms $asked,
        private ShopRules $rules,
    ) {
    }

    /**
     * @param list<Answers> $others what was answered of the other things of the order
     *
     * @return non-empty-list<AskedThing>
     */
    public function of(Answers $answers, Heard $heard, array $others): array
    {
        return array_map(
            fn (Answers $one, int $nth): AskedThing => isset($heard->items[$nth])
                ? $this->drawn($heard->items[$nth])
                : $this->undrawn($one),
            [$answers, ...$others],
            array_keys([$answers, ...$others]),
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
            $item->answers,
            $films,
            $item->copies,
            $item->weeding() / $item->copies,
            $item->things,
        );
    }

    /** One that cannot be drawn yet: its film, its copies and its object as far as they are known. */
    private function undrawn(Answers $answers): AskedThing
    {
        try {
            $object = $this->objects->read($answers->object());
        } catch (Refusals) {
            $object = null;
        }
        $names = \count(TypedWords::roster($answers->roster));

        return $this->unseen(
            $answers,
            $object,
            $this->shelf->filmNumbered((int) $answers->film),
            max(1, (int) $answers->quantity) * max(1, $names) * ($object?->panes() ?? 1),
        );
    }

    /** The usual decal on an object of this size, where nothing more is known. */
    public function unseen(Answers $answers, ?MeasuredObject $object, ?FilmOnShelf $film, int $copies): AskedThing
    {
        $minutes = new StepMinutes($this->rules->current());
        $grade = $film?->grade() ?? Film::Permanent;

        return $this->thing(
            $answers,
            [$film?->id() ?? 0 => [$grade, $film?->colour() ?? '', $copies * StepMinutes::UNSEEN_OUTLINE]],
            $copies,
            $minutes->weedUnseen($grade),
            [
                [
                    max(1, intdiv($copies, $object?->panes() ?? 1)),
                    $this->asked->unseen(
                        StepMinutes::unseenLonger($object?->size()),
                        AskedOn::answered($answers, $object, $film),
                    ),
                ],
            ],
        );
    }

    /**
     * @param non-empty-array<int, array{Film, string, float}> $films
     * @param non-empty-list<array{int, non-empty-list<FilmOnThing>}> $things
     */
    private function thing(
        Answers $answers,
        array $films,
        int $copies,
        float $weeding,
        array $things,
    ): AskedThing {
        $material = Material::tryFrom($answers->material);
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', trim($answers->paintedOn));

        return new AskedThing(
            $films,
            $copies,
            $weeding,
            $things,
            Waits::isElsewhere(Usage::tryFrom($answers->useOf) ?? Usage::Indoor, $material),
            'customer' !== $answers->appliedBy,
            Finish::tryFrom($answers->finish) ?? Finish::None,
            false === $day || true !== $material?->isPainted()
                ? null
                : (new Paint($day, $this->rules->current()))->curedAt(),
        );
    }
}
