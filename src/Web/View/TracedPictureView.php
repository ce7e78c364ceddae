<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\TracedPicture;

/** A picture traced into a drawing: to be looked at beside it, and brought as that drawing. */
final readonly class TracedPictureView
{
    /**
     * @param int $width px
     * @param int $height px
     * @param list<TracedLayerView> $layers a path for each colour, the largest first
     * @param string $svg the drawing as a file
     */
    public function __construct(public int $width, public int $height, public array $layers, public string $svg)
    {
    }

    public static function from(TracedPicture $traced): self
    {
        return new self(
            $traced->width,
            $traced->height,
            array_map(
                static fn (string $colour, string $path): TracedLayerView => new TracedLayerView($colour, $path),
                array_keys($traced->layers),
                $traced->layers,
            ),
            $traced->svg(),
        );
    }
}
