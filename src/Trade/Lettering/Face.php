<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

/** A cutting face: a TrueType file and what the shop calls it. */
final readonly class Face
{
    /**
     * @param string       $file      the TrueType file, from the project's root
     * @param float        $thinnest  the thinnest stroke of its letters, as a share of the letter height
     * @param list<string> $alphabets that it covers: Latin, Cyrillic, Greek, Hebrew, Arabic …
     */
    public function __construct(
        public string $slug,
        public string $name,
        public string $style,
        public string $licence,
        public string $file,
        public string $path,
        public float $thinnest = 0.0,
        public array $alphabets = [],
    ) {
    }

    /** Do its letters join? Then they are spaced where they join. */
    public function isJoined(): bool
    {
        return str_contains($this->style, 'script');
    }
}
