<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Bench\CutPart;

/** A part of a piece that was cut in parts. */
final readonly class CutPartView
{
    /**
     * @param int $number from 1, as on the sheet
     * @param BoxView $box where it lies in the whole, mm
     * @param SizeView $size over all
     */
    public function __construct(public int $number, public BoxView $box, public SizeView $size)
    {
    }

    public static function from(CutPart $part): self
    {
        return new self(
            $part->number,
            BoxView::from($part->box),
            SizeView::from($part->size()),
        );
    }
}
