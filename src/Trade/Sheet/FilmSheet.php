<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

/** A kind of sheet, or a roll, as far as an estimate is concerned. */
final readonly class FilmSheet
{
    /**
     * @param int $width  of the film, µm
     * @param int $length of a sheet, or as far as the machine cuts of a roll, µm
     * @param int $edge   that stays clear all round, µm
     * @param int $most   across, as far as the machine cuts, µm
     */
    public function __construct(
        public int $width,
        public int $length,
        public int $edge,
        private int $most = \PHP_INT_MAX,
    ) {
    }

    /** What can be laid on across, µm. */
    public function across(): int
    {
        return max(1, min($this->width - 2 * $this->edge, $this->most));
    }

    /** What can be laid on down a sheet, µm. */
    public function down(): int
    {
        return max(1, $this->length - 2 * $this->edge);
    }

    /** mm² of it, used so far down. @param int $down µm, gaps and no edges */
    public function used(int $down): float
    {
        return ($this->width / 1e3) * (min($this->length, $down + 2 * $this->edge) / 1e3);
    }
}
