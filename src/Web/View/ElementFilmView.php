<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What is cut from one film, of an element or of what is seen from the front. */
final readonly class ElementFilmView
{
    /**
     * @param int|null $film its number; null for the item's own
     * @param string $path the outlines as path data, mm, in the frame of the element, or of the front
     */
    public function __construct(public ?int $film, public string $path)
    {
    }
}
