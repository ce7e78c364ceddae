<?php

declare(strict_types=1);

namespace Yelbo\Trade\Knife;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** What the nest and the cut file have to know of the machine. Lengths in µm, speeds in mm/s. */
final readonly class Machine
{
    /**
     * @param int $bladeOffset µm
     * @param int $overcut µm
     * @param float $cutSpeed mm/s
     * @param float $travelSpeed mm/s
     */
    public function __construct(
        public int $bladeOffset,
        public int $overcut,
        public float $cutSpeed = 80,
        public float $travelSpeed = 200,
    ) {
    }

    /** As the figures have it. */
    public static function by(Rules $rules): self
    {
        return new self(
            $rules->micrometres(Rule::BladeOffset),
            $rules->micrometres(Rule::Overcut),
            $rules->value(Rule::CutSpeed),
            $rules->value(Rule::TravelSpeed),
        );
    }

    /**
     * What it can cut of film that lies in its top left corner.
     *
     * @param int $width  of the film, µm
     * @param int $height of the film, µm
     *
     * @return Box|null nothing where the film is too short to be loaded
     */
    public static function reach(Rules $rules, int $width, int $height): ?Box
    {
        if ($height < $rules->micrometres(Rule::ShortestLoad)) {
            return null;
        }
        [$left, $top] = [$rules->micrometres(Rule::MarginSide), $rules->micrometres(Rule::MarginTop)];

        return new Box(
            $left,
            $top,
            min($width, $left + $rules->micrometres(Rule::CutWidth)),
            min($height, $top + $rules->micrometres(Rule::CutLength)),
        );
    }
}
