<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Where the art's left top corner goes. */
final readonly class PlacedView
{
    /**
     * @param LengthView $left from the left
     * @param LengthView $top from the top
     */
    public function __construct(public LengthView $left, public LengthView $top)
    {
    }
}
