<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\FromFront;
use Yelbo\Trade\Geometry\SvgPath;

/** A round thing seen from the front: its outline, and what is seen of each film and of what has to stay clear. */
final readonly class FrontView
{
    /**
     * @param list<ElementFilmView> $layers all films that lie on it, the top one first
     * @param string $outline the object from the front as path data, mm
     * @param SizeView $size over all
     * @param string $keepOuts what is kept clear, from the front, as path data, mm
     */
    public function __construct(
        public string $outline,
        public SizeView $size,
        public array $layers,
        public string $keepOuts,
    ) {
    }

    public static function from(FromFront $front): self
    {
        $layer = static fn (array $layer): ElementFilmView => new ElementFilmView(
            $layer[0],
            SvgPath::write($layer[1]),
        );

        return new self(
            SvgPath::write($front->outline),
            SizeView::box($front->outline->box()),
            array_map($layer, $front->layers),
            null === $front->keepOuts ? '' : SvgPath::write($front->keepOuts),
        );
    }
}
