<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Batches\PlacedPiece;

/** A piece on a sheet; its outline is in the sheet's frame. */
final readonly class PlaceView
{
    /**
     * @param int|null $piece the number of the piece; null where it was taken off
     * @param string $tag as it is written on paper: Y-0412 or Y-0412/3
     * @param string $label as it is shown
     * @param string $path the outlines as path data, mm
     * @param float $x mm from the left of the sheet
     * @param float $y mm from the top of the sheet
     * @param SizeView $cut of the layer of film it is
     * @param bool $late whether the promised day is in danger
     */
    public function __construct(
        public ?int $piece,
        public string $tag,
        public string $label,
        public string $path,
        public float $x,
        public float $y,
        public SizeView $cut,
        public bool $late,
    ) {
    }

    public static function from(PlacedPiece $placed, string $path, bool $late): self
    {
        $at = SpotView::micrometres($placed->place->x, $placed->place->y);

        return new self(
            $placed->piece->id(),
            $placed->tag(),
            $placed->piece->drawn()->label(),
            $path,
            $at->x,
            $at->y,
            SizeView::from($placed->piece->drawn()->cutSize()),
            $late,
        );
    }
}
