<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A decal with much empty film inside: what cutting it in parts saves and costs. */
final readonly class SplitView
{
    public function __construct(public int $piece, public string $tag, public string $label, public int $parts, public float $saved, public float $minutes, public bool $taken)
    {
    }
}
