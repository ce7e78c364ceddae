<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Designs\TypedArt;
use Yelbo\Shop\Designs\TypedElement;
use Yelbo\Shop\Designs\TypedSetting;

/** How the words are set; nothing means by the rule. The setting reads as it could be typed. */
final readonly class DesignView
{
    /**
     * @param string $face the short name of the typeface
     * @param LengthView|null $capHeight the height of the capitals
     * @param LengthView|null $left from the left edge of the object to the art
     * @param LengthView|null $top from the top edge of the object to the art
     * @param TypedSetting $setting how the words are set
     * @param TypedArt|null $art the drawing brought along
     * @param TypedElement|null $motif what stands in the place of words
     */
    public function __construct(
        public string $face,
        public ?LengthView $capHeight,
        public ?LengthView $left,
        public ?LengthView $top,
        public TypedSetting $setting,
        public ?TypedArt $art,
        public ?TypedElement $motif,
    ) {
    }

    public static function from(Design $design): self
    {
        $at = $design->at();

        return new self(
            $design->face(),
            null === $design->capHeight() ? null : LengthView::micrometres($design->capHeight()),
            null === $at ? null : LengthView::micrometres($at[0]),
            null === $at ? null : LengthView::micrometres($at[1]),
            TypedSetting::fromDesign($design),
            TypedArt::fromDesign($design),
            null === $design->motif() ? null : TypedElement::fromDesign($design->motif()),
        );
    }
}
