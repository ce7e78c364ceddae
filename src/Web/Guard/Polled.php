<?php

declare(strict_types=1);

namespace Yelbo\Web\Guard;

/** Marks a list that pages ask for again and again: who has the newest is told so, and nothing is read for it. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final readonly class Polled
{
    /** @param bool $kept the same for everybody who asks it: worked out once for all, until a record changes */
    public function __construct(public bool $kept = false)
    {
    }
}
