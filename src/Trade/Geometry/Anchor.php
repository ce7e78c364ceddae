<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/**
 * Where the middle of a shape's box has to go: a point, or anywhere on an upright line. µm. A shape that leans has
 * another point of its box there.
 */
final readonly class Anchor
{
    /**
     * @param float $x µm
     * @param float|null $y    none for anywhere on the line
     * @param float      $lean of the shape's height: how far under the middle of its box that point lies
     */
    public function __construct(public float $x, public ?float $y, public float $lean = 0.0)
    {
    }

    /**
     * This anchor for shapes that lean so much.
     *
     * @param float $lean how far the middle lies under its own, a share of the art’s height
     */
    public function leaning(float $lean): self
    {
        return $lean === $this->lean ? $this : new self($this->x, $this->y, $lean);
    }

    /** The middle of a box. */
    public static function middle(Box $box): self
    {
        return new self(($box->left + $box->right) / 2, ($box->top + $box->bottom) / 2);
    }
}
