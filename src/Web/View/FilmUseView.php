<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Film off the shelf for cutting, and back on it as offcuts. */
final readonly class FilmUseView
{
    /**
     * @param string $week its Monday, 2026-11-23
     * @param string $film which film
     * @param float $off m² taken off
     * @param float $back m² put back
     */
    public function __construct(public string $week, public string $film, public float $off, public float $back)
    {
    }
}
