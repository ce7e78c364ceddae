<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Stock\FilmOnShelf;

/** A film and its colour. */
final readonly class FilmView
{
    public function __construct(
        public int $id,
        public string $name,
        public string $grade,
        public string $swatch,
        public string $colour,
        public string $finish,
        public ?int $thickness,
        public string $liner,
        public bool $oneWay,
        public string $maker,
        public ?int $thinnest,
        public ?int $outdoors,
        public ?int $price,
        public ?int $lowAt,
    ) {
    }

    public static function from(FilmOnShelf $film): self
    {
        return new self($film->id(), $film->name(), $film->grade()->value, $film->swatch(), $film->colour(), $film->finish(), $film->thickness(), $film->liner(), $film->hasDirection(), $film->maker(), $film->thinnest(), $film->outdoors(), $film->price(), $film->lowAt());
    }
}
