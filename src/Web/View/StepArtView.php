<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A film of what is put on, as it is seen. */
final readonly class StepArtView
{
    /**
     * @param string $path as path data, mm
     * @param string $swatch colour, #rrggbb
     */
    public function __construct(public string $path, public string $swatch)
    {
    }
}
