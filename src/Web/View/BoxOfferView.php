<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\BoxOffer;

/** How words would fill a box of both sides: what would be set, and what is left over. */
final readonly class BoxOfferView
{
    /**
     * @param string $face the short name of the typeface
     * @param string $name the typeface as people call it
     * @param int $tracking the space added between letters, in 1/1000 of the em
     * @param float $condense per cent narrower than the face; wider where negative
     * @param LengthView $capHeight the height of the capitals
     * @param SizeView $size over all
     * @param LengthView $across what is left over of the width
     * @param LengthView $down what is left over of the height
     */
    public function __construct(
        public string $face,
        public string $name,
        public int $tracking,
        public float $condense,
        public LengthView $capHeight,
        public SizeView $size,
        public LengthView $across,
        public LengthView $down,
    ) {
    }

    public static function from(BoxOffer $offer): self
    {
        return new self(
            $offer->words->face->slug,
            $offer->words->face->name,
            $offer->words->setting->tracking,
            $offer->words->setting->condense,
            LengthView::micrometres($offer->capHeight),
            SizeView::box($offer->box),
            LengthView::micrometres($offer->across),
            LengthView::micrometres($offer->down),
        );
    }
}
