<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

/** Turns characters into glyphs: kerning, ligatures, alternates, marks. */
interface Shaper
{
    /**
     * @param list<string> $lines without line breaks in them
     *
     * @return list<list<PlacedGlyph>> one list a line, in the order they are drawn
     */
    public function shape(Face $face, array $lines): array;
}
