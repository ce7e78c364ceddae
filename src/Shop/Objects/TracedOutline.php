<?php

declare(strict_types=1);

namespace Yelbo\Shop\Objects;

/** What came of a photo or a drawing: an outline, and the photo it lies over. */
final readonly class TracedOutline
{
    /**
     * @param string       $name      of the photo; empty for a drawing
     * @param string       $path      in pixels of the photo, or units of the drawing
     * @param list<string> $doubts    what could be better
     */
    public function __construct(
        public string $name,
        public float $width,
        public float $height,
        public string $path,
        public int $threshold,
        public array $doubts,
    ) {
    }
}
