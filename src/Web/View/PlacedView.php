<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Where the art's left top corner goes. */
final readonly class PlacedView
{
    public function __construct(public LengthView $left, public LengthView $top)
    {
    }
}
