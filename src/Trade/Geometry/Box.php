<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/** An upright box in micrometres, y down. */
final readonly class Box
{
    /**
     * @param int $left µm
     * @param int $top µm
     * @param int $right µm
     * @param int $bottom µm
     */
    public function __construct(public int $left, public int $top, public int $right, public int $bottom)
    {
    }

    /** A box at the origin, µm. */
    public static function sized(int $width, int $height): self
    {
        return new self(0, 0, $width, $height);
    }

    /** µm. */
    public function width(): int
    {
        return $this->right - $this->left;
    }

    /** µm. */
    public function height(): int
    {
        return $this->bottom - $this->top;
    }

    /** The smallest box round both. */
    public function around(self $other): self
    {
        return new self(
            min($this->left, $other->left),
            min($this->top, $other->top),
            max($this->right, $other->right),
            max($this->bottom, $other->bottom),
        );
    }

    /** What both hold; its sides are not positive where there is nothing. */
    public function common(self $other): self
    {
        return new self(
            max($this->left, $other->left),
            max($this->top, $other->top),
            min($this->right, $other->right),
            min($this->bottom, $other->bottom),
        );
    }

    /** This box with so many µm more on each side. */
    public function grown(int $by): self
    {
        return new self($this->left - $by, $this->top - $by, $this->right + $by, $this->bottom + $by);
    }

    /** This box moved by so much, µm. */
    public function moved(int $dx, int $dy): self
    {
        return new self($this->left + $dx, $this->top + $dy, $this->right + $dx, $this->bottom + $dy);
    }

    /** Whether another lies in it. */
    public function holds(self $other): bool
    {
        return $other->left >= $this->left
            && $other->top >= $this->top
            && $other->right <= $this->right
            && $other->bottom <= $this->bottom;
    }

    /** Do the insides meet? Boxes that only touch do not. */
    public function overlaps(self $other): bool
    {
        return $other->left < $this->right
            && $other->right > $this->left
            && $other->top < $this->bottom
            && $other->bottom > $this->top;
    }

    /** This box as a region. */
    public function region(): Region
    {
        return new Region([
            [
                [
                    [$this->left, $this->top],
                    [$this->right, $this->top],
                    [$this->right, $this->bottom],
                    [$this->left, $this->bottom],
                ],
            ],
        ]);
    }
}
