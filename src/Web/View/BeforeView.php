<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Art before it was mended, in the frame of its layers, mm. */
final readonly class BeforeView
{
    public function __construct(public string $path, public int $keeps, public int $counters, public int $corners)
    {
    }
}
