<?php

declare(strict_types=1);

namespace Yelbo\Shop\Stock;

/** A film the shop keeps, as typed. */
final readonly class TypedFilm
{
    /**
     * @param string $grade the grade of the film
     * @param string $colour by its name
     * @param string $swatch the colour for the screen, #rrggbb
     * @param string $finish matt or glossy
     * @param string $thickness as typed, with its unit
     * @param string $liner what it lies on
     * @param bool $runsOneWay whether its grain or pattern runs one way
     * @param string $maker who makes it
     * @param string $thinnest the thinnest line its maker allows, as typed
     * @param string $outdoors years outdoors its maker gives it, 0 for indoors only, as typed
     * @param string $price the price of 1 m², as typed
     * @param string $lowAt m²; less is low, as typed
     * @param bool $another whether it is another film though one of its grade, colour and finish is there
     * @param int $version as it was read, 0 for a new one; a change by somebody else since is a conflict
     */
    public function __construct(
        public string $grade = 'permanent',
        public string $colour = '',
        public string $swatch = '#7f8d8b',
        public string $finish = '',
        public string $thickness = '',
        public string $liner = 'white',
        public bool $runsOneWay = false,
        public string $maker = '',
        public string $thinnest = '',
        public string $outdoors = '',
        public string $price = '',
        public string $lowAt = '',
        public int $version = 0,
        public bool $another = false,
    ) {
    }
}
