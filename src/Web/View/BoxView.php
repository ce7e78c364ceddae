<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Measure\Length;

/** A box on an object, mm from its left top corner. */
final readonly class BoxView
{
    /**
     * @param float $left mm
     * @param float $top mm
     * @param float $width mm
     * @param float $height mm
     */
    public function __construct(public float $left, public float $top, public float $width, public float $height)
    {
    }

    public static function from(Box $box): self
    {
        return new self(
            ...array_map(static fn (int $micrometres): float => Length::micrometres($micrometres)->toMillimetres(), [
                $box->left,
                $box->top,
                $box->width(),
                $box->height(),
            ]),
        );
    }
}
