<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\DrawnDesign;
use Yelbo\Trade\Geometry\SvgPath;

/** The object laid flat, and what of it is kept clear. */
final readonly class SurfaceView
{
    /**
     * @param string $safe the safe area as path data, mm
     * @param string $outline the outline as path data, mm
     * @param string $keepOuts what is kept clear as path data, mm
     * @param SizeView $object the size of the object
     * @param SizeView $wall the size of the surface laid flat
     * @param BoxView $focus what of the object is worth looking at, mm
     * @param LengthView $clearance the least distance from the art to the edge of the safe area
     * @param int $panes how many panes are covered
     * @param FrontView|null $front how it looks from the front, where it is bent
     */
    public function __construct(
        public string $safe,
        public string $outline,
        public string $keepOuts,
        public SizeView $object,
        public SizeView $wall,
        public BoxView $focus,
        public LengthView $clearance,
        public int $panes,
        public ?FrontView $front,
    ) {
    }

    public static function from(DrawnDesign $drawn): self
    {
        $length = LengthView::micrometres(...);

        return new self(
            SvgPath::write($drawn->fitted->safe),
            SvgPath::write($drawn->on->surface->outline()),
            null === $drawn->on->keepOuts ? '' : SvgPath::write($drawn->on->keepOuts),
            SizeView::from($drawn->on->surface->size()),
            SizeView::from($drawn->on->wall),
            BoxView::from($drawn->on->focus),
            $length($drawn->on->clearance),
            $drawn->on->panes,
            null === $drawn->on->front ? null : FrontView::from($drawn->on->front),
        );
    }
}
