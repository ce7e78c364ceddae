<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Batches that are released or under the knife. */
final readonly class BatchesView
{
    /**
     * @param list<BatchRow> $batches the batches, that under the knife first, then the oldest
     * @param int            $many    how many there are; more than are shown where there are very many
     */
    public function __construct(public array $batches, public int $many)
    {
    }
}
