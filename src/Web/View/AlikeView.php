<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Two names of a roster that are the same or nearly: their places, counted from nought. */
final readonly class AlikeView
{
    public function __construct(public int $later, public int $earlier, public string $says)
    {
    }
}
