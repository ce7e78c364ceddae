<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A film as a proof names it. */
final readonly class ProofFilmView
{
    /**
     * @param string $name as people call it
     * @param string $swatch the colour for the screen, #rrggbb
     * @param string $life how long it lasts where it is used
     * @param SizeView $size of what is cut from it, of the first decal
     */
    public function __construct(
        public string $name,
        public string $swatch,
        public string $life,
        public SizeView $size,
    ) {
    }
}
