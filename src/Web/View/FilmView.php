<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Film\Film;

/** A film and its colour. */
final readonly class FilmView
{
    /**
     * @param int $id its number in the records
     * @param string $name as people call it
     * @param Film $grade the grade of the film
     * @param string $swatch the colour for the screen, #rrggbb
     * @param string $colour by its name
     * @param string $finish matt or glossy
     * @param int|null $thickness µm
     * @param string $liner what it lies on
     * @param bool $oneWay whether its grain or pattern runs one way
     * @param string $maker who makes it
     * @param int|null $thinnest the thinnest line its maker allows, µm; null where he says nothing
     * @param int|null $outdoors years outdoors its maker gives it, 0 for indoors only; null where he says nothing
     * @param int|null $price hundredths of the currency for 1 m²
     * @param int|null $lowAt what there is less of is low, mm²
     * @param int $version counts its changes
     */
    public function __construct(
        public int $id,
        public string $name,
        public Film $grade,
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
        public int $version,
    ) {
    }

    public static function from(FilmOnShelf $film): self
    {
        return new self(
            $film->id(),
            $film->name(),
            $film->grade(),
            $film->swatch(),
            $film->colour(),
            $film->finish(),
            $film->thickness(),
            $film->liner(),
            $film->hasDirection(),
            $film->maker(),
            $film->thinnest(),
            $film->outdoors(),
            $film->price(),
            $film->lowAt(),
            $film->version(),
        );
    }
}
