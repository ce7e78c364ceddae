<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

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
}
