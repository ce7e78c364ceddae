<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\DrawnDesign;
use Yelbo\Trade\Geometry\SvgPath;

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
            new LetteringView(
                $drawn->lines,
                $drawn->design->face(),
                $length($fitted->capHeight),
                array_map($length, $fitted->lineHeights()),
                LengthView::atMost($fitted->largest),
                null === $drawn->trueHeight() ? null : $length($drawn->trueHeight()),
                $length($drawn->xHeight),
                $fitted->words->setting->arrangement,
                null === $drawn->radius ? null : $length($drawn->radius),
                $fitted->words->setting->condense,
            ),
            new ArtPlaceView(
                SizeView::box($fitted->artwork->box()),
                $length($fitted->at[0]),
                $length($fitted->at[1]),
                $length($drawn->distances['right']),
                $length($drawn->distances['bottom']),
                $length($drawn->distances['across']),
                $length($drawn->distances['down']),
                array_map(
                    static fn (array $feature): FeatureView => new FeatureView(
                        $feature['label'],
                        $length($feature['x']),
                        $length($feature['y']),
                    ),
                    $drawn->distances['features'],
                ),
                $fitted->inside,
            ),
            new SurfaceView(
                SvgPath::write($fitted->safe),
                SvgPath::write($drawn->surface->outline()),
                null === $drawn->keepOuts ? '' : SvgPath::write($drawn->keepOuts),
                SizeView::from($drawn->surface->size()),
                SizeView::from($drawn->wall),
                BoxView::from($drawn->focus),
                $length($drawn->clearance),
                $drawn->panes,
                FrontView::from($drawn),
            ),
            new DecalFilmView(
                SvgPath::write($top),
                LayerView::all($fitted->artwork->layers, $drawn->design->films(), $fitted->picture()),
                null === $drawn->before ? null : BeforeView::from($drawn->before),
                array_map(ElementView::from(...), $drawn->whole->elements),
                \count($top->polygons),
                $top->holes(),
                $top->corners(),
                $drawn->film(),
                $drawn->life,
            ),
            $length($drawn->suggestedOffset),
            null === $fitted->droop ? null : $length($fitted->droop),
            $fitted->bent,
            $drawn->strain(),
            $drawn->tooLong,
        );
    }
}
