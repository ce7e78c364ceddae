<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A piece to be weeded, large. */
final readonly class WeedingView
{
    /**
     * @param list<WastePartView> $insides
     * @param list<int>           $out
     */
    public function __construct(
        public PieceView $piece,
        public string $path,
        public float $left,
        public float $top,
        public float $width,
        public float $height,
        public int $keeps,
        public array $insides,
        public array $out,
        public string $school,
        public string $why,
        public float $minutes,
    ) {
    }
}
