<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

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
}
