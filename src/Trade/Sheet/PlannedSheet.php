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
     * @param float              $above    film of it down to there, mm²
     * @param float              $below    film of it below, that can go back, mm²; of a roll none, it stays on it
     * @param int                $least    how long film has to be to be kept, µm
     * @param list<PlannedPiece> $pieces
     */
    public function __construct(
        public int $width,
        public int $height,
        public int $length,
        public bool $isOffcut,
        private float $above,
        private float $below,
        private int $least,
        public array $pieces,
    ) {
    }

    /** m² of film it takes: down to where anything reaches, and what is left below where that is too short to keep. */
    public function film(): float
    {
        return ($this->above + ($this->isKept() ? 0 : $this->below)) / 1e6;
    }

    /** m² of film that go back on the shelf. */
    public function back(): float
    {
        return $this->isKept() ? $this->below / 1e6 : 0.0;
    }

    private function isKept(): bool
    {
        return $this->left() >= $this->least;
    }

    /** µm that stay square below what is used. */
    public function left(): int
    {
        return max(0, $this->height - $this->length);
    }
}
