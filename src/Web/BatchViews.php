<?php

declare(strict_types=1);

namespace Yelbo\Web;

use Yelbo\Shop\Batches\Batch;
use Yelbo\Shop\Batches\CutSheets;
use Yelbo\Shop\Batches\PlacedPiece;
use Yelbo\Shop\Batches\Printing;
use Yelbo\Shop\Batches\Remnants;
use Yelbo\Shop\Machines\Machines;
use Yelbo\Shop\Orders\Lateness;
use Yelbo\Web\View\BatchesView;
use Yelbo\Web\View\BatchRow;
use Yelbo\Web\View\BatchView;
use Yelbo\Web\View\PlaceView;
use Yelbo\Web\View\RemnantView;

/** Batches as the page is shown them: in a list, or with their pieces in place. */
final readonly class BatchViews
{
    public function __construct(
        private CutSheets $sheets,
        private Remnants $remnants,
        private Lateness $lateness,
        private Machines $machines,
        private Printing $printing,
    ) {
    }

    /**
     * @param list<Batch> $batches
     * @param int|null    $many    how many there are, where only some are shown
     */
    public function list(array $batches, ?int $many = null): BatchesView
    {
        $lying = $this->sheets->lying($batches);

        return new BatchesView(
            array_map(
                fn (Batch $batch): BatchRow => BatchRow::from(
                    $batch,
                    \count($lying[$batch->id()]),
                    $this->sheets->metres($lying[$batch->id()], $batch->boxes()),
                    $this->sheets->seconds($batch, $lying[$batch->id()]),
                ),
                $batches,
            ),
            $many ?? \count($batches),
        );
    }

    public function batch(Batch $batch): BatchView
    {
        $contents = $this->sheets->contents($batch);

        return BatchView::from(
            $batch,
            array_map(
                fn (PlacedPiece $placed): PlaceView => PlaceView::from(
                    $placed,
                    $this->sheets->path($placed),
                    $this->lateness->isPieceLate($placed->piece),
                ),
                $contents,
            ),
            $this->sheets->metres($contents, $batch->boxes()),
            $this->sheets->seconds($batch, $contents),
            $this->machines->inUse()?->label(),
            $this->printing->run($batch),
        );
    }

    public function remnant(Batch $batch): RemnantView
    {
        return RemnantView::from($batch, $this->remnants->lying($batch));
    }
}
