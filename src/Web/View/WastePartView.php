<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Bench\Part;
use Yelbo\Trade\Geometry\SvgPath;

/** An inside piece that has to come out. */
final readonly class WastePartView
{
    public function __construct(public int $nth, public float $x, public float $y, public float $across, public string $path, public bool $reverse)
    {
    }

    public static function from(int $nth, Part $part, bool $reverse): self
    {
        $at = SpotView::micrometres(...$part->at());

        return new self($nth, $at->x, $at->y, $part->across(), SvgPath::write($part->region), $reverse);
    }
}
