<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Batches that are released or under the knife. */
final readonly class BatchesView
{
    /** @param list<BatchRow> $batches the batches, the oldest first*/
    public function __construct(public array $batches)
    {
    }
}
