<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

/** A cutting face: a TrueType file and what the shop calls it. */
final readonly class Face
{
    /** @param string $file the TrueType file, from the project's root */
    public function __construct(
        public string $slug,
        public string $name,
        public string $style,
        public string $licence,
        public string $file,
        public string $path,
    ) {
    }
}
