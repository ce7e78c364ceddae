<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Check\FaceSample;
use Yelbo\Trade\Geometry\SvgPath;

/**
 * The words in one face, and whether they can be cut so: the margin is the share it has of the limit that binds, one
 * being just enough.
 */
final readonly class SampleView
{
    /**
     * @param string $face the short name of the typeface
     * @param string $name as people call it
     * @param string $style the style of the typeface
     * @param string|null $path the outlines as path data, mm
     * @param SizeView|null $size over all
     * @param LengthView|null $largest the largest letters the surface takes
     * @param bool $canBeCut whether the check finds no stop
     * @param float $margin what is smallest in it as a share of its limit; under 1 it cannot be cut
     * @param string $says why it cannot be cut; empty where it can
     */
    public function __construct(
        public string $face,
        public string $name,
        public string $style,
        public ?string $path,
        public ?SizeView $size,
        public ?LengthView $largest,
        public bool $canBeCut,
        public float $margin,
        public string $says,
    ) {
    }

    public static function from(FaceSample $sample): self
    {
        $film = $sample->film;

        return new self(
            $sample->face->slug,
            $sample->face->name,
            $sample->face->style,
            null === $film ? null : SvgPath::write($film),
            null === $film ? null : SizeView::box($film->box()),
            null === $sample->capHeight ? null : LengthView::atMost($sample->capHeight),
            $sample->canBeCut(),
            round($sample->spare, 3),
            $sample->verdict,
        );
    }
}
