<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Yelbo\Shop\Orders\Piece;
use Yelbo\Trade\Sheet\Place;

/** A piece, or a part of one, where it lies on a sheet. */
final readonly class PlacedPiece
{
    /**
     * @param string $outline  hash of what of it is cut
     * @param bool   $mirrored whether that outline is cut mirrored
     * @param int    $part     which part of the piece, or -1 for all of it
     */
    public function __construct(
        public Piece $piece,
        public Place $place,
        public string $outline,
        public bool $mirrored,
        public int $part,
    ) {
    }

    /** What it is called on the sheet: `Y-0412/3`, `Y-0412/3 part 2`. */
    public function tag(): string
    {
        return $this->piece->tag().($this->part < 0 ? '' : ' part '.($this->part + 1));
    }

    /** By which what is drawn and cut of it is remembered. */
    public function key(): string
    {
        return \sprintf(
            '%s.%d.%d.%d.%s',
            $this->outline,
            $this->mirrored,
            $this->place->x,
            $this->place->y,
            $this->place->turn,
        );
    }
}
