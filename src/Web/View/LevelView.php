<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** How level a decal is. */
final readonly class LevelView
{
    /**
     * @param float $degrees clockwise, told to a fifth
     * @param bool $isCrooked whether people see it
     * @param string $says in a sentence or two
     */
    public function __construct(public float $degrees, public bool $isCrooked, public string $says)
    {
    }
}
