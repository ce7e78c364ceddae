<?php

declare(strict_types=1);

namespace Yelbo\Trade\Trace;

use Yelbo\Trade\Geometry\Region;

/** Outlines of flat artwork, a film for each colour. Source: handbook section 4. */
final readonly class ArtworkTracer
{
    public function __construct(private Vectoriser $vectoriser)
    {
    }

    /**
     * @param int   $specks pixels: what is no larger is dropped
     * @param float $smooth from 0 for all corners to 1.33 for none
     *
     * @return array<string, Region> by `#rrggbb`, the largest first, in thousandths of a pixel
     */
    public function trace(FlatArtwork $artwork, int $specks, float $smooth): array
    {
        $layers = [];
        foreach ($artwork->colours as $nth => $colour) {
            $region = $this->vectoriser->outlines(
                $artwork->width,
                $artwork->height,
                $artwork->mask($nth),
                $specks,
                $smooth,
            );
            if (!$region->isEmpty()) {
                $layers[\sprintf('#%06x', $colour)] = $region;
            }
        }

        return $layers;
    }
}
