<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

/** Work for the background: lay one plan out; quickly first, so that there is something to look at. */
final readonly class LayPlan
{
    public function __construct(public int $plan, public bool $quick = false)
    {
    }
}
