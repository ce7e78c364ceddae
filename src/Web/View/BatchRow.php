<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Batches\Batch;
use Yelbo\Trade\Journey\BatchState;

/** A batch in a list. */
final readonly class BatchRow
{
    /**
     * @param BatchState $state    released, cutting, cut or dissolved
     * @param float  $progress of the cut, from 0 to 1
     * @param int    $pieces   how many lie on it, parts each
     * @param float  $metres   to cut
     * @param float  $minutes  the cutter takes
     * @param int    $release  the first of the batches released together
     * @param int $id its number in the records
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param FilmView $film the film it is cut from
     */
    public function __construct(
        public int $id,
        public int $version,
        public BatchState $state,
        public FilmView $film,
        public float $progress,
        public int $pieces,
        public float $metres,
        public float $minutes,
        public int $release,
    ) {
    }

    public static function from(Batch $batch, int $pieces, float $metres, float $seconds): self
    {
        return new self(
            $batch->id(),
            $batch->version(),
            $batch->state(),
            FilmView::from($batch->film()),
            $batch->cut()->progress(),
            $pieces,
            round($metres, 2),
            Minutes::ofSeconds($seconds),
            $batch->release(),
        );
    }
}
