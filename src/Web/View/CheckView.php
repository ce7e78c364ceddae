<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What speaks against a drawing, and how long it takes to weed (minutes). */
final readonly class CheckView
{
    /** @param list<SnagView> $snags */
    public function __construct(public array $snags, public float $weeding)
    {
    }
}
