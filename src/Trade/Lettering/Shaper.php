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

    /**
     * Shapes lines in many faces at once.
     *
     * @param list<array{Face, list<string>}> $jobs
     *
     * @return list<list<list<PlacedGlyph>>> in the order of the jobs
     */
    public function shapeMany(array $jobs): array;
}
