<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Batches\Batch;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\SvgPath;

/** A batch on its sheet. */
final readonly class BatchView
{
    /**
     * @param list<PlaceView> $places
     * @param list<string>    $boxes  weed boxes
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $state,
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
    ) {
    }

    /** @param list<PlaceView> $places */
    public static function from(Batch $batch, array $places, float $metres, float $seconds, ?string $machine): self
    {
        return new self(
            $batch->id(), $batch->version(), $batch->state()->value, FilmView::from($batch->film()), StockItemView::from($batch->stock()),
            LengthView::micrometres($batch->length()), round($batch->fill(), 3), $batch->releasedAt()->format(\DATE_ATOM),
            $batch->progress(), $batch->trouble(), $places, round($metres, 2), Minutes::ofSeconds($seconds),
            $batch->release(), array_map(static fn (Box $box): string => SvgPath::write($box->region()), $batch->boxes()), $batch->outline(), SizeView::micrometres($batch->width(), $batch->height()), $machine,
        );
    }
}
