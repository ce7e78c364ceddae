<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/** Where the middle of a shape's box has to go: a point, or anywhere on an upright line. µm. */
final readonly class Anchor
{
    /** @param float|null $y none for anywhere on the line */
    public function __construct(public float $x, public ?float $y)
    {
    }

    /** The middle of a box. */
    public static function middle(Box $box): self
    {
        return new self(($box->left + $box->right) / 2, ($box->top + $box->bottom) / 2);
    }
}
