<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Batches\PlacedPiece;

/** A piece on a sheet; its outline is in the sheet's frame. */
final readonly class PlaceView
{
    public function __construct(public ?int $piece, public string $tag, public string $label, public string $path, public float $x, public float $y, public bool $late)
    {
    }

    public static function from(PlacedPiece $placed, string $path, bool $late): self
    {
        $at = SpotView::micrometres($placed->place->x, $placed->place->y);

        return new self($placed->piece->id(), $placed->tag(), $placed->piece->label(), $path, $at->x, $at->y, $late);
    }
}
