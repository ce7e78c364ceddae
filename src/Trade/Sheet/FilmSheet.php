<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Box;

/** A kind of sheet, or of a piece of a roll, as far as rows of boxes on it are concerned. */
final readonly class FilmSheet
{
    /** @param Box $room where pieces may lie, µm */
    private function __construct(private int $width, private int $length, private Box $room)
    {
    }

    /** @param int $edge that stays clear all round, µm */
    public static function of(NestStock $stock, int $edge): self
    {
        $box = $stock->outline->box();

        return new self($box->width(), $box->height(), $stock->room($edge)?->box() ?? new Box(0, 0, 1, 1));
    }

    /** What can be laid on across, µm. */
    public function across(): int
    {
        return max(1, $this->room->width());
    }

    /** What can be laid on down a sheet, µm. */
    public function down(): int
    {
        return max(1, $this->room->height());
    }

    /** mm² of it, used so far down. @param int $down µm, gaps and no edges */
    public function used(int $down): float
    {
        return ($this->width / 1e3) * (min($this->length, $this->room->top + $down) / 1e3);
    }
}
