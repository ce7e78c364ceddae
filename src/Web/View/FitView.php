<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Words drawn on an object: everything the drawing shows. */
final readonly class FitView
{
    /**
     * @param list<string>    $words
     * @param LengthView      $across   from the object's middle to the art's, to the right
     * @param LengthView      $down     from the object's middle to the art's, downwards
     * @param BoxView         $focus    what of the object is worth looking at, mm
     * @param list<FeatureView> $features
     * @param list<LayerView> $layers the letters first
     * @param BeforeView|null $before the letters before they were mended, where they were
     */
    public function __construct(
        public array $words,
        public string $face,
        public LengthView $capHeight,
        public LengthView $largest,
        public LengthView $xHeight,
        public SizeView $size,
        public LengthView $left,
        public LengthView $top,
        public LengthView $right,
        public LengthView $bottom,
        public LengthView $across,
        public LengthView $down,
        public array $features,
        public bool $inside,
        public string $safe,
        public string $outline,
        public string $keepOuts,
        public SizeView $object,
        public SizeView $wall,
        public BoxView $focus,
        public LengthView $clearance,
        public string $path,
        public array $layers,
        public ?FrontView $front,
        public string $arrangement,
        public ?LengthView $radius,
        public float $condense,
        public LengthView $suggestedOffset,
        public ?LengthView $droop,
        public bool $bent,
        public ?float $strain,
        public int $panes,
        public ?string $tooLong,
        public int $keeps,
        public int $counters,
        public int $corners,
        public ?BeforeView $before,
        public float $film,
        public string $life,
        public string $readyAt,
    ) {
    }
}
