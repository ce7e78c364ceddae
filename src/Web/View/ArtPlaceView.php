<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\DrawnDesign;

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

    public static function from(DrawnDesign $drawn): self
    {
        $fitted = $drawn->fitted;
        $length = LengthView::micrometres(...);

        return new self(
            SizeView::box($fitted->artwork->box()),
            $length($fitted->at[0]),
            $length($fitted->at[1]),
            $length($drawn->distances['right']),
            $length($drawn->distances['bottom']),
            $length($drawn->distances['across']),
            $length($drawn->distances['down']),
            array_map(
                static fn (array $feature): FeatureView => new FeatureView(
                    $feature['label'],
                    $length($feature['x']),
                    $length($feature['y']),
                ),
                $drawn->distances['features'],
            ),
            $fitted->inside,
        );
    }
}
