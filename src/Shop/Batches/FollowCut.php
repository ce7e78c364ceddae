<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

/** Work for the background: look once how far the cutter is, and look again soon. */
final readonly class FollowCut
{
    public function __construct(public int $batch, public string $job)
    {
    }
}
