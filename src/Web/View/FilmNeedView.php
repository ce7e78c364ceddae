<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\FilmNeed;

/** What an order takes of one film, and what there is of it. */
final readonly class FilmNeedView
{
    /**
     * @param string $name of the film
     * @param float $needed what it will take, about, m²
     * @param int $doubt more or less, per cent
     * @param float $shelf of that film on the shelf, m²
     * @param float $buy film to buy, m²; 0 where there is enough
     */
    public function __construct(
        public string $name,
        public float $needed,
        public int $doubt,
        public float $shelf,
        public float $buy,
    ) {
    }

    public static function from(FilmNeed $need): self
    {
        return new self(
            $need->film->name(),
            $need->needed(),
            $need->doubtInPerCent(),
            $need->onShelf(),
            $need->toBuy(),
        );
    }
}
