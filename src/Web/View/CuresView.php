<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Cures for every kind of snag. */
final readonly class CuresView
{
    /** @param list<CuredSnagView> $snags in the order of the check */
    public function __construct(public array $snags)
    {
    }
}
