<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\DrawnDesign;
use Yelbo\Trade\Geometry\SvgPath;

/** A round thing seen from the front: its outline, and what is seen of each layer and of what has to stay clear. */
final readonly class FrontView
{
    /**
     * @param list<string> $layers the layers, letters first
     * @param string $outline the object from the front as path data, mm
     * @param SizeView $size over all
     * @param string $keepOuts what is kept clear, from the front, as path data, mm
     */
    public function __construct(
        public string $outline,
        public SizeView $size,
        public array $layers,
        public string $keepOuts,
    ) {
    }

    public static function from(DrawnDesign $drawn): ?self
    {
        return null === $drawn->front
            ? null
            : new self(
                SvgPath::write($drawn->front),
                SizeView::box($drawn->front->box()),
                array_map(SvgPath::write(...), $drawn->frontLayers),
                null === $drawn->frontKeepOuts ? '' : SvgPath::write($drawn->frontKeepOuts),
            );
    }
}
