<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Yelbo\Shop\Orders\Piece;

/** A piece, or a part of one, where it lies on a sheet. */
final readonly class PlacedPiece extends PlacedOutline
{
    public function __construct(public Piece $piece, PlacedOutline $lying)
    {
        parent::__construct($lying->place, $lying->outline, $lying->mirrored, $lying->part);
    }

    /** What it is called on the sheet: `Y-0412/3`, `Y-0412/3 part 2`. */
    public function tag(): string
    {
        return $this->piece->tag().($this->part < 0 ? '' : ' part '.($this->part + 1));
    }
}
