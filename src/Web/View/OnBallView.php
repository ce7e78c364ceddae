<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\OnBall;

/** How large letters may be on a ball. */
final readonly class OnBallView
{
    /**
     * @param LengthView $flat the largest letters of which each part lies flat
     * @param LengthView $snips the largest with snips between the letters; larger ones have to be split
     */
    public function __construct(public LengthView $flat, public LengthView $snips)
    {
    }

    public static function from(OnBall $sizes): self
    {
        return new self(LengthView::atMost($sizes->flat), LengthView::atMost($sizes->snips));
    }
}
