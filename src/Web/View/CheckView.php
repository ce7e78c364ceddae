<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What speaks against a drawing, how the words differ from what was asked for, and how long it takes to weed (minutes). */
final readonly class CheckView
{
    /**
     * @param list<SnagGroupView> $snags
     * @param list<string>        $spelling
     */
    public function __construct(public array $snags, public array $spelling, public float $weeding)
    {
    }
}
