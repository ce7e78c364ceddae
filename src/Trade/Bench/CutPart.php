<?php

declare(strict_types=1);

namespace Yelbo\Trade\Bench;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;

/** A part of a decal that was cut in parts: its number from 1, and its box in the decal's own frame, µm. */
final readonly class CutPart
{
    /** @param int $number from 1 */
    public function __construct(public int $number, public Box $box)
    {
    }

    /** Over all. */
    public function size(): Size
    {
        return new Size(Length::micrometres($this->box->width()), Length::micrometres($this->box->height()));
    }
}
