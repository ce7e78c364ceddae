<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** The words in one face, and whether they can be cut so: the margin is the share it has of the limit that binds, one being just enough. */
final readonly class SampleView
{
    public function __construct(
        public string $face,
        public string $name,
        public string $style,
        public ?string $path,
        public ?SizeView $size,
        public ?LengthView $largest,
        public bool $canBeCut,
        public float $margin,
        public string $says,
    ) {
    }
}
