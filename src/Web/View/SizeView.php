<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;

/** A width and a height. */
final readonly class SizeView
{
    /**
     * @param LengthView $width from left to right
     * @param LengthView $height from top to bottom
     */
    public function __construct(public LengthView $width, public LengthView $height)
    {
    }

    public static function box(Box $box): self
    {
        return new self(LengthView::micrometres($box->width()), LengthView::micrometres($box->height()));
    }

    public static function micrometres(int $width, int $height): self
    {
        return self::from(new Size(Length::micrometres($width), Length::micrometres($height)));
    }

    public static function from(Size $size): self
    {
        return new self(LengthView::from($size->width), LengthView::from($size->height));
    }
}
