<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Where the art lies on the object, and how large it is. */
final readonly class ArtPlaceView
{
    /**
     * @param SizeView $size over all
     * @param LengthView $left from the left edge of the object to the art
     * @param LengthView $top from the top edge of the object to the art
     * @param LengthView $right from the art to the right edge of the object
     * @param LengthView $bottom from the art to the bottom edge of the object
     * @param LengthView $across from the object's middle to the art's, to the right
     * @param LengthView $down from the object's middle to the art's, downwards
     * @param list<FeatureView> $features measures worth showing
     * @param bool $inside whether all of it lies inside the safe area
     */
    public function __construct(
        public SizeView $size,
        public LengthView $left,
        public LengthView $top,
        public LengthView $right,
        public LengthView $bottom,
        public LengthView $across,
        public LengthView $down,
        public array $features,
        public bool $inside,
    ) {
    }
}
