<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Everything in the shop that dries or rests. */
final readonly class DryingShelfView
{
    /** @param list<DryingView> $shelf what is dry first, then what is dry soonest */
    public function __construct(public array $shelf)
    {
    }
}
