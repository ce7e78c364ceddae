<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/**
 * A film for this surface and use: its verdict (best, will-do, against, refused), the reason, and the colours the shop
 * keeps of it.
 */
final readonly class FilmAdviceView
{
    /**
     * @param list<FilmView> $films the films
     * @param string $grade the grade of the film
     * @param string $verdict best, will-do, against or refused
     * @param string $reason why, in a sentence
     */
    public function __construct(
        public string $grade,
        public string $verdict,
        public string $reason,
        public array $films,
    ) {
    }
}
