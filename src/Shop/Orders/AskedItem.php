<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Plan\FilmOnThing;

/**
 * One thing of an order that can be drawn already while it is asked for, with all that is cut for it: its words,
 * their rims, what lies beside them. What it takes of film, tape and minutes is told by its layers, for enough, price
 * and promise alike.
 */
final readonly class AskedItem
{
    /**
     * @param int                        $copies decals in all: of what has panes one for each
     * @param non-empty-list<AskedLayer> $layers
     * @param non-empty-list<array{int, non-empty-list<FilmOnThing>}> $things how many things of each kind, and what
     *     goes
     *     on one of them, in the order in which it is laid
     * @param int                        $blank  the number of the blank it goes on; 0 of what the customer brings
     */
    public function __construct(
        public AskedOn $on,
        public int $copies,
        public array $layers,
        public array $things,
        public int $blank,
    ) {
    }

    /** How many things. */
    public function many(): int
    {
        return array_sum(array_column($this->things, 0));
    }

    /** @return non-empty-list<FilmOnShelf> each once */
    public function films(): array
    {
        $films = [];
        foreach ($this->layers as $layer) {
            $films[$layer->film->id()] = $layer->film;
        }

        return array_values($films) ?: throw new \LogicException('A decal has film.');
    }

    /** Minutes to weed all of it. */
    public function weeding(): float
    {
        return array_sum(array_map(static fn (AskedLayer $one): float => $one->count * $one->weeding, $this->layers));
    }

    /** mm the knife goes for all of it. */
    public function outline(): float
    {
        return array_sum(array_map(static fn (AskedLayer $one): float => $one->count * $one->outline, $this->layers));
    }

    /** mm² printed for all of it. */
    public function printed(): float
    {
        return array_sum(array_map(static fn (AskedLayer $one): float => $one->count * $one->printed, $this->layers));
    }
}
