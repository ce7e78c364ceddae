<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Two names of a roster that are the same or nearly: their places, counted from nought. */
final readonly class AlikeView
{
    /**
     * @param int $later which name of the set, from 0, came later
     * @param int $earlier which name of the set, from 0, came earlier
     * @param string $says a sentence for the worker
     */
    public function __construct(public int $later, public int $earlier, public string $says)
    {
    }
}
