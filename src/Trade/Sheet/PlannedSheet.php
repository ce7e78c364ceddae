<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

/** A sheet of a plan, as far as a plan's figures go. */
final readonly class PlannedSheet
{
    /**
     * @param int                $width    µm
     * @param int                $height   µm; of a roll so much as the machine takes
     * @param int                $length   how far down anything reaches, µm
     * @param float              $area     of an offcut all of it, mm²
     * @param list<PlannedPiece> $pieces
     */
    public function __construct(
        public int $width,
        public int $height,
        public int $length,
        public bool $isOffcut,
        public float $area,
        public array $pieces,
    ) {
    }

    /** m² of film it takes. */
    public function film(): float
    {
        return $this->isOffcut ? $this->area / 1e6 : (($this->length / 1e6) * $this->width) / 1e6;
    }

    /** µm that stay square below what is used. */
    public function left(): int
    {
        return max(0, $this->height - $this->length);
    }
}
