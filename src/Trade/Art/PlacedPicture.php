<?php

declare(strict_types=1);

namespace Yelbo\Trade\Art;

use Yelbo\Trade\Geometry\Box;

/**
 * A picture that is printed inside a drawing's outline, by its number, and where it lies in the drawing's frame, µm.
 */
final readonly class PlacedPicture
{
    public function __construct(public int $id, public Box $box)
    {
    }

    /** This picture moved by so much, µm. */
    public function moved(int $dx, int $dy): self
    {
        return new self($this->id, $this->box->moved($dx, $dy));
    }

    /**
     * Where it lies once its drawing is as large as that, its own left top corner at the origin.
     *
     * @param Box $art  of the whole drawing, in the frame of the picture
     * @param Box $now  of the same drawing as it is now, µm
     */
    public function within(Box $art, Box $now): Box
    {
        $x = static fn (int $at): int => (int) round(($at - $art->left) * $now->width() / max(1, $art->width()));
        $y = static fn (int $at): int => (int) round(($at - $art->top) * $now->height() / max(1, $art->height()));

        return new Box(
            $x($this->box->left),
            $y($this->box->top),
            $x($this->box->right),
            $y($this->box->bottom),
        );
    }
}
