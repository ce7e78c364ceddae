<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\DrawnDesign;

/** Words drawn on an object: everything the drawing shows. */
final readonly class FitView
{
    /**
     * @param LetteringView $lettering how the words are set
     * @param ArtPlaceView $place where the art lies on the object, and how large it is
     * @param SurfaceView $surface the object laid flat, and what of it is kept clear
     * @param DecalFilmView $film the film it is cut from: its outlines and what they come to
     * @param LengthView $suggestedOffset a rim that would hold at this size
     * @param LengthView|null $droop how far the middle of a straight line would hang on a taper
     * @param bool $bent whether it is bent along the taper
     * @param float|null $strain how much the edge of the decal has to shrink on a ball, per cent
     * @param string|null $tooLong what is too long for the machine, as a sentence
     */
    public function __construct(
        public LetteringView $lettering,
        public ArtPlaceView $place,
        public SurfaceView $surface,
        public DecalFilmView $film,
        public LengthView $suggestedOffset,
        public ?LengthView $droop,
        public bool $bent,
        public ?float $strain,
        public ?string $tooLong,
    ) {
    }

    public static function from(DrawnDesign $drawn): self
    {
        $fitted = $drawn->fitted;
        $top = $fitted->artwork->top();
        $length = LengthView::micrometres(...);

        return new self(
            LetteringView::from($drawn),
            ArtPlaceView::from($drawn),
            SurfaceView::from($drawn),
            DecalFilmView::from($drawn),
            $length($drawn->suggestedOffset),
            null === $fitted->droop ? null : $length($fitted->droop),
            $fitted->bent,
            $drawn->strain(),
            $drawn->tooLong,
        );
    }
}
