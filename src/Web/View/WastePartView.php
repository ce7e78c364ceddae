<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Bench\Part;
use Yelbo\Trade\Geometry\SvgPath;

/** An inside piece that has to come out. */
final readonly class WastePartView
{
    /**
     * @param int $nth which inside, from 0
     * @param float $x mm from the left
     * @param float $y mm from the top
     * @param float $across how wide it is, mm
     * @param string $path the outlines as path data, mm
     * @param bool $reverse whether it is weeded from behind
     */
    public function __construct(
        public int $nth,
        public float $x,
        public float $y,
        public float $across,
        public string $path,
        public bool $reverse,
    ) {
    }

    public static function from(int $nth, Part $part, bool $reverse): self
    {
        $at = SpotView::micrometres(...$part->at());

        return new self($nth, $at->x, $at->y, $part->across(), SvgPath::write($part->region), $reverse);
    }
}
