<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\LargerPlace;

/** A larger place off the middle. */
final readonly class ElsewhereView
{
    /**
     * @param LengthView $capHeight the height of the capitals there
     * @param LengthView $left      from the left edge of the object to the art
     * @param LengthView $top       from the top edge of the object to the art
     * @param int        $more      how much larger than in the middle, per cent
     */
    public function __construct(
        public LengthView $capHeight,
        public LengthView $left,
        public LengthView $top,
        public int $more,
    ) {
    }

    public static function from(LargerPlace $place): self
    {
        return new self(
            LengthView::atMost($place->capHeight),
            LengthView::micrometres($place->left),
            LengthView::micrometres($place->top),
            $place->more,
        );
    }
}
