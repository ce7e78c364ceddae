<?php

declare(strict_types=1);

namespace Yelbo\Shop\Stock;

/** What is known of a film beside its grade. */
final readonly class FilmFacts
{
    /**
     * @param string   $swatch    as on screen, #rrggbb
     * @param int|null $thickness µm
     * @param string   $liner     its colour
     * @param string   $maker     what the maker says
     * @param int|null $thinnest  the thinnest line the maker allows, µm
     * @param int|null $outdoors  years the maker gives it
     * @param int|null $price     of a m², minor units
     * @param int|null $lowAt     what there is less of is low, mm²
     */
    public function __construct(
        public string $colour,
        public string $swatch,
        public string $finish = '',
        public ?int $thickness = null,
        public string $liner = '',
        public bool $runsOneWay = false,
        public string $maker = '',
        public ?int $thinnest = null,
        public ?int $outdoors = null,
        public ?int $price = null,
        public ?int $lowAt = null,
    ) {
    }
}
