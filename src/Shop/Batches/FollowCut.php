<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

/** Work for the background: look once how far the cutter is, and look again soon. */
final readonly class FollowCut
{
    /** @param int $lost how many messages in a row have failed for good before this one */
    public function __construct(public int $batch, public string $job, public int $lost = 0)
    {
    }
}
