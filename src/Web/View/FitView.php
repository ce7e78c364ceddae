<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Words drawn on an object: everything the drawing shows. */
final readonly class FitView
{
    /**
     * @param list<string> $words
     */
    public function __construct(
        public array $words,
        public string $face,
        public LengthView $capHeight,
        public LengthView $largest,
        public LengthView $xHeight,
        public SizeView $size,
        public LengthView $left,
        public LengthView $top,
        public bool $inside,
        public string $safe,
        public string $outline,
        public SizeView $object,
        public LengthView $clearance,
        public string $path,
        public int $keeps,
        public int $counters,
        public float $film,
        public string $life,
        public string $readyAt,
    ) {
    }
}
