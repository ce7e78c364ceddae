<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Art\PlacedPicture;
use Yelbo\Trade\Geometry\Box;

/** A picture that is printed inside an outline. */
final readonly class PictureView
{
    /**
     * @param int $id the number of its drawing
     * @param BoxView $at where it lies, in the frame of the outline, mm
     */
    public function __construct(public int $id, public BoxView $at)
    {
    }

    public static function from(PlacedPicture $picture): self
    {
        return new self($picture->id, BoxView::from($picture->box));
    }

    /** @param array{int, int, int, int, int} $kept its number, left, top, right and bottom in µm */
    public static function fromKept(array $kept): self
    {
        return self::from(new PlacedPicture($kept[0], new Box(...\array_slice($kept, 1))));
    }
}
