<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** The letters that make the art so large. */
final readonly class SizedView
{
    /** @param LengthView $capHeight the height of the capitals */
    public function __construct(public LengthView $capHeight)
    {
    }
}
