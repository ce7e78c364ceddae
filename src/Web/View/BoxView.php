<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Geometry\Box;

/** A box on an object, mm from its left top corner. */
final readonly class BoxView
{
    public function __construct(public float $left, public float $top, public float $width, public float $height)
    {
    }

    public static function of(Box $box): self
    {
        return new self($box->left / 1000, $box->top / 1000, $box->width() / 1000, $box->height() / 1000);
    }
}
