<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

/** A colour of a drawing: its film by its number on the shelf, empty for the order's own, 0 where it is left out. */
final readonly class TypedArtLayer
{
    /**
     * @param string $colour as it stands in the drawing, #rrggbb
     * @param string $out numbers of its parts that are left out, from 1, a comma between them
     * @param string $film the number of its film; empty for the film of the order
     */
    public function __construct(public string $colour = '', public string $film = '', public string $out = '')
    {
    }
}
