<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\LaidElement;
use Yelbo\Trade\Geometry\SvgPath;

/** An element beside the words, at its size in its place on the object. */
final readonly class ElementView
{
    /**
     * @param int $nth its place in the list, from 0
     * @param string $label as it is called
     * @param list<ElementFilmView> $films its films from bottom to top
     * @param LengthView $left from the left edge of the object to it
     * @param LengthView $top from the top edge of the object to it
     * @param SizeView $size over all
     * @param bool $under whether it lies under the words
     * @param LengthView $right from it to the right edge of the object
     * @param LengthView $bottom from it to the bottom edge of the object
     * @param LengthView $across from the object's middle to its middle, to the right
     * @param LengthView $down from the object's middle to its middle, downwards
     * @param list<FeatureView> $features the same from the middles of parts and of what lies beside it
     * @param bool $inside whether all of it lies in the safe area
     */
    public function __construct(
        public int $nth,
        public string $label,
        public array $films,
        public LengthView $left,
        public LengthView $top,
        public SizeView $size,
        public bool $under,
        public bool $inside,
        public LengthView $right,
        public LengthView $bottom,
        public LengthView $across,
        public LengthView $down,
        public array $features,
    ) {
    }

    public static function from(LaidElement $laid): self
    {
        $length = LengthView::micrometres(...);

        return new self(
            $laid->nth,
            $laid->element->label(),
            array_map(
                static fn (array $layer): ElementFilmView => new ElementFilmView(
                    $layer[0],
                    SvgPath::write($layer[1]->moved(-$laid->fitted->at[0], -$laid->fitted->at[1])),
                ),
                $laid->layers(),
            ),
            LengthView::micrometres($laid->fitted->at[0]),
            LengthView::micrometres($laid->fitted->at[1]),
            SizeView::box($laid->fitted->artwork->box()),
            $laid->element->under,
            $laid->fitted->inside,
            $length($laid->distances['right']),
            $length($laid->distances['bottom']),
            $length($laid->distances['across']),
            $length($laid->distances['down']),
            array_map(
                static fn (array $feature): FeatureView => new FeatureView(
                    $feature['label'],
                    $length($feature['x']),
                    $length($feature['y']),
                ),
                $laid->distances['features'],
            ),
        );
    }
}
