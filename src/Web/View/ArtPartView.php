<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;

/** One outline of a drawing with its insides, to be looked at. */
final readonly class ArtPartView
{
    /**
     * @param string $path the outline as path data, mm, in the drawing's own frame
     * @param SizeView $size of its box
     */
    public function __construct(public string $path, public SizeView $size)
    {
    }

    public static function from(Region $part): self
    {
        return new self(SvgPath::write($part), SizeView::box($part->box()));
    }
}
