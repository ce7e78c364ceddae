<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** One colour of a drawing, to be looked at. Its path is in mm in the drawing's own frame. */
final readonly class ArtColourView
{
    public function __construct(public string $colour, public int $parts, public int $corners, public string $path)
    {
    }
}
