<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\Piece;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;

/** A piece or a part of one as it is cut, its box at the origin, once for all plans that hold it. */
final readonly class ShapeView
{
    /**
     * @param string $name the name a place on a sheet refers to
     * @param int $piece the number of the piece
     * @param string $tag as it is written on paper: Y-0412 or Y-0412/3
     * @param int $docket the number of the docket
     * @param string $label as it is shown
     * @param string $path the outlines as path data, mm
     * @param float $width mm
     * @param float $height mm
     * @param bool $late whether the promised day is in danger
     */
    public function __construct(
        public string $name,
        public int $piece,
        public string $tag,
        public int $docket,
        public string $label,
        public string $path,
        public float $width,
        public float $height,
        public bool $late,
    ) {
    }

    public static function from(string $name, Piece $piece, string $tag, Region $outline, bool $late): self
    {
        $box = BoxView::from($outline->box());

        return new self(
            $name,
            $piece->id(),
            $tag,
            $piece->docket()->number(),
            $piece->drawn()->label(),
            SvgPath::write($outline->atOrigin()),
            $box->width,
            $box->height,
            $late,
        );
    }
}
