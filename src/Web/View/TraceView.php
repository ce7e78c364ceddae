<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Objects\TracedOutline;

/** An outline over its photo, in the photo's pixels; without a photo for a drawing. */
final readonly class TraceView
{
    /**
     * @param list<string> $doubts where the tracing is in doubt
     * @param string $photo the short name of the photo
     * @param float $width pixels
     * @param float $height pixels
     * @param string $path the outline as path data, pixels
     * @param int $threshold how dark counts as the object, from 0 to 255
     */
    public function __construct(
        public string $photo,
        public float $width,
        public float $height,
        public string $path,
        public int $threshold,
        public array $doubts,
    ) {
    }

    public static function from(TracedOutline $outlined): self
    {
        return new self(
            $outlined->name,
            $outlined->width,
            $outlined->height,
            $outlined->path,
            $outlined->threshold,
            $outlined->doubts,
        );
    }
}
