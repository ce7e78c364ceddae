<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** One colour of a traced picture. */
final readonly class TracedLayerView
{
    /**
     * @param string $colour as it stands in the picture, #rrggbb
     * @param string $path the outlines as path data, px
     */
    public function __construct(public string $colour, public string $path)
    {
    }
}
