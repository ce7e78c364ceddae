<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** One colour of a drawing, to be looked at. Its path is in mm in the drawing's own frame. */
final readonly class ArtColourView
{
    /**
     * @param string $colour as it stands in the drawing, #rrggbb
     * @param int $parts how many outlines
     * @param int $corners how many corners the outlines have
     * @param string $path the outlines as path data, mm
     * @param list<ArtPartView> $pieces each of its outlines by itself, where they are few enough to be chosen from
     */
    public function __construct(
        public string $colour,
        public int $parts,
        public int $corners,
        public string $path,
        public array $pieces,
    ) {
    }
}
