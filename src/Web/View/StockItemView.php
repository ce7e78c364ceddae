<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Stock\StockItem;

/** Film on the shelf; its area in m². */
final readonly class StockItemView
{
    public function __construct(
        public int $id,
        public string $number,
        public string $kind,
        public FilmView $film,
        public SizeView $size,
        public int $count,
        public string $bin,
        public string $outline,
        public int $version,
        public string $lot,
        public ?string $since,
        public float $area,
    ) {
    }

    public static function from(StockItem $item): self
    {
        return new self($item->id(), $item->number(), $item->kind(), FilmView::from($item->film()),
            new SizeView(LengthView::micrometres($item->width()), LengthView::micrometres($item->height())), $item->count(), $item->bin(), $item->outline(),
            $item->version(), $item->lot(), $item->since()?->format(\DATE_ATOM), $item->squareMetres());
    }
}
