<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Batches\Batch;
use Yelbo\Shop\Batches\PrintRun;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Journey\BatchState;

/** A batch on its sheet. */
final readonly class BatchView
{
    /**
     * @param list<PlaceView> $places what lies on it
     * @param list<string>    $boxes  weed boxes
     * @param int $id its number in the records
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param BatchState $state where it stands
     * @param FilmView $film the film it is cut from
     * @param StockItemView $stock the stock it is cut from
     * @param LengthView $length how much of the length is used
     * @param float $fill the share of the film that is used, from 0 to 1
     * @param string $releasedAt when it was released, ISO 8601
     * @param float $progress from 0 to 1
     * @param string|null $trouble what is in the way, as a sentence
     * @param float $metres the way of the knife, m
     * @param float $minutes how long cutting takes
     * @param int $release the first of the batches released together
     * @param string $outline the outline as path data, mm
     * @param SizeView $size over all
     * @param string|null $machine the machine it is cut on
     * @param PrintRunView|null $printing how far it is where it is printed first; null of film that is cut alone
     */
    public function __construct(
        public int $id,
        public int $version,
        public BatchState $state,
        public FilmView $film,
        public StockItemView $stock,
        public LengthView $length,
        public float $fill,
        public string $releasedAt,
        public float $progress,
        public ?string $trouble,
        public array $places,
        public float $metres,
        public float $minutes,
        public int $release,
        public array $boxes,
        public string $outline,
        public SizeView $size,
        public ?string $machine,
        public ?PrintRunView $printing,
    ) {
    }

    /** @param list<PlaceView> $places */
    public static function from(
        Batch $batch,
        array $places,
        float $metres,
        float $seconds,
        ?string $machine,
        ?PrintRun $printing = null,
    ): self {
        return new self(
            $batch->id(),
            $batch->version(),
            $batch->state(),
            FilmView::from($batch->film()),
            StockItemView::from($batch->stock()),
            LengthView::micrometres($batch->length()),
            round($batch->fill(), 3),
            $batch->releasedAt()->format(\DATE_ATOM),
            $batch->cut()->progress(),
            $batch->cut()->trouble(),
            $places,
            round($metres, 2),
            Minutes::ofSeconds($seconds),
            $batch->release(),
            array_map(static fn (Box $box): string => SvgPath::write($box->region()), $batch->boxes()),
            $batch->outline(),
            SizeView::micrometres($batch->width(), $batch->height()),
            $machine,
            null === $printing ? null : PrintRunView::from($printing),
        );
    }
}
