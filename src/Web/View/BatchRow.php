<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Batches\Batch;

/** A batch in a list. */
final readonly class BatchRow
{
    /**
     * @param string $state    released, cutting, cut or dissolved
     * @param float  $progress of the cut, from 0 to 1
     * @param int    $pieces   how many lie on it, parts each
     * @param float  $metres   to cut
     * @param float  $minutes  the cutter takes
     * @param int    $release  the first of the batches released together
     */
    public function __construct(public int $id, public int $version, public string $state, public FilmView $film, public float $progress, public int $pieces, public float $metres, public float $minutes, public int $release)
    {
    }

    public static function from(Batch $batch, int $pieces, float $metres, float $seconds): self
    {
        return new self($batch->id(), $batch->version(), $batch->state()->value, FilmView::from($batch->film()), $batch->progress(), $pieces, round($metres, 2), Minutes::ofSeconds($seconds), $batch->release());
    }
}
