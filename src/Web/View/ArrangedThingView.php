<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Where one of several things lies once they are arranged. */
final readonly class ArrangedThingView
{
    /**
     * @param int $nth which element, from 0; -1 for the words
     * @param LengthView $left from the left edge of the object
     * @param LengthView $top from its top edge
     */
    public function __construct(public int $nth, public LengthView $left, public LengthView $top)
    {
    }
}
