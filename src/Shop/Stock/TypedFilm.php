<?php

declare(strict_types=1);

namespace Yelbo\Shop\Stock;

/** A film the shop keeps, as typed. */
final readonly class TypedFilm
{
    public function __construct(
        public string $grade,
        public string $colour,
        public string $swatch,
        public string $finish = '',
        public string $thickness = '',
        public string $liner = 'white',
        public bool $runsOneWay = false,
        public string $maker = '',
        public string $thinnest = '',
        public string $outdoors = '',
        public string $price = '',
        public string $lowAt = '',
    ) {
    }
}
