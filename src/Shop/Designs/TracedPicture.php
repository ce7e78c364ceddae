<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

/** A picture as the drawing it was traced into; paths in pixels. */
final readonly class TracedPicture
{
    /** @param array<string, string> $layers path data by `#rrggbb` */
    public function __construct(public int $width, public int $height, public array $layers)
    {
    }

    /** As an SVG drawing that says nothing about its true size. */
    public function svg(): string
    {
        $groups = '';
        foreach ($this->layers as $colour => $path) {
            $groups .= "<path fill=\"$colour\" fill-rule=\"evenodd\" d=\"$path\"/>\n";
        }

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 $this->width $this->height\">\n$groups</svg>\n";
    }
}
