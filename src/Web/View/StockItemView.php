<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Stock\StockItem;

/** Film on the shelf; its area in m². */
final readonly class StockItemView
{
    /**
     * @param int $id its number in the records
     * @param string $number as it is written on the label
     * @param string $kind sheet, roll or offcut
     * @param FilmView $film the film it is cut from
     * @param SizeView $size over all
     * @param int $count how many alike
     * @param string $bin where it lies
     * @param string $outline the outline as path data, mm
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param string $lot the lot on its label
     * @param string|null $since since when, ISO 8601
     * @param float $area m² of all of them
     */
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
        return new self(
            $item->id(),
            $item->number(),
            $item->kind(),
            FilmView::from($item->film()),
            new SizeView(LengthView::micrometres($item->width()), LengthView::micrometres($item->height())),
            $item->count(),
            $item->bin(),
            $item->outline(),
            $item->version(),
            $item->lot(),
            $item->since()?->format(\DATE_ATOM),
            $item->squareMetres(),
        );
    }
}
