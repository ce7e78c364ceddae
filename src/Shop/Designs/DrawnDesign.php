<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Placing;

/**
 * A design on its object with the core's answers beside it. Lengths in µm, regions in the object's
 * frame where nothing else is said.
 *
 * @phpstan-import-type Feature from Placing
 * @phpstan-type Distances array{right: int, bottom: int, across: int, down: int, features: list<Feature>}
 */
final readonly class DrawnDesign
{
    public Fitted $fitted;

    /**
     * @param list<string>   $lines
     * @param WholeDecal     $whole           the words where they were fitted, and what lies beside them
     * @param Distances      $distances       from the art to edges, middle and parts
     * @param int            $xHeight         of art its own height
     * @param int|null       $radius          of the circle words stand on
     * @param int            $suggestedOffset how wide a rim would be
     * @param Region|null    $before          the art before it was mended, in the frame of its layers
     * @param string|null    $tooLong         what is said of words that fit at no size that can be cut
     * @param string         $life            for how long the film is good
     */
    public function __construct(
        public array $lines,
        public Design $design,
        public WholeDecal $whole,
        public DrawnObject $on,
        public array $distances,
        public int $xHeight,
        public ?int $radius,
        public int $suggestedOffset,
        public ?Region $before,
        public ?string $tooLong,
        public string $life,
    ) {
        $this->fitted = $whole->main;
    }

    /** How much the decal's edge has to shrink on a ball, %. */
    public function strain(): ?float
    {
        return null === $this->fitted->strain ? null : round(100 * $this->fitted->strain, 2);
    }

    /**
     * How high a drawing truly is, less what is left out, µm, to a hundredth of a millimetre: what is typed of it is
     * not told back as 95.999 mm. None of words, and where its file does not say.
     */
    public function trueHeight(): ?int
    {
        $art = $this->fitted->words->art;

        return true === $art?->sized ? 10 * (int) round($art->box()->height() / 10) : null;
    }

    /** Film that stays of all layers, cm²: what is told of each, added up. */
    public function film(): float
    {
        return round(
            array_sum(
                array_map(
                    static fn (array $layer): float => round($layer['region']->area() / 100, 1),
                    $this->whole->layers(),
                ),
            ),
            1,
        );
    }
}
