<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

/** A glyph where the shaper puts it, in font units along the line, y up. */
final readonly class PlacedGlyph
{
    /** @param int $cluster the character it stands for, counted from 0 */
    public function __construct(
        public int $glyph,
        public int $cluster,
        public float $x,
        public float $y,
        public float $advance,
    ) {
    }
}
