<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\DrawnDesign;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Lettering\Arrangement;

/** Words drawn on an object: everything the drawing shows. */
final readonly class FitView
{
    /**
     * @param list<string>    $words the lines of the decal
     * @param LengthView      $across   from the object's middle to the art's, to the right
     * @param LengthView      $down     from the object's middle to the art's, downwards
     * @param BoxView         $focus    what of the object is worth looking at, mm
     * @param list<FeatureView> $features measures worth showing
     * @param list<LayerView> $layers the letters first
     * @param BeforeView|null $before the letters before they were mended, where they were
     * @param string $face the short name of the typeface
     * @param LengthView $capHeight the height of the capitals
     * @param list<LengthView> $lineHeights the letter height of each line, where they differ
     * @param LengthView $largest the largest letters the surface takes
     * @param LengthView|null $trueHeight how high a drawing truly is, less what is left out, where its file says so
     * @param LengthView $xHeight the height of the small letters
     * @param SizeView $size over all
     * @param LengthView $left from the left edge of the object to the art
     * @param LengthView $top from the top edge of the object to the art
     * @param LengthView $right from the art to the right edge of the object
     * @param LengthView $bottom from the art to the bottom edge of the object
     * @param bool $inside whether all of it lies inside the safe area
     * @param string $safe the safe area as path data, mm
     * @param string $outline the outline as path data, mm
     * @param string $keepOuts what is kept clear as path data, mm
     * @param SizeView $object the size of the object
     * @param SizeView $wall the size of the surface laid flat
     * @param LengthView $clearance the least distance from the art to the edge of the safe area
     * @param string $path the outlines as path data, mm
     * @param FrontView|null $front how it looks from the front, where it is bent
     * @param Arrangement $arrangement how the lines are arranged
     * @param LengthView|null $radius the radius the lines run along
     * @param float $condense per cent narrower than the face; wider where negative
     * @param LengthView $suggestedOffset a rim that would hold at this size
     * @param LengthView|null $droop how far the middle of a straight line would hang on a taper
     * @param bool $bent whether it is bent along the taper
     * @param float|null $strain how much the edge of the decal has to shrink on a ball, per cent
     * @param int $panes how many panes are covered
     * @param string|null $tooLong what is too long for the machine, as a sentence
     * @param int $keeps how many pieces of film stay
     * @param int $counters how many insides have to be picked out
     * @param int $corners how many corners the outlines have
     * @param float $film the film that stays of all layers, cm²
     * @param string $life how long it lasts where it is used
     * @param list<ElementView> $elements what lies beside the words, from bottom to top
     */
    public function __construct(
        public array $words,
        public string $face,
        public LengthView $capHeight,
        public array $lineHeights,
        public LengthView $largest,
        public ?LengthView $trueHeight,
        public LengthView $xHeight,
        public SizeView $size,
        public LengthView $left,
        public LengthView $top,
        public LengthView $right,
        public LengthView $bottom,
        public LengthView $across,
        public LengthView $down,
        public array $features,
        public bool $inside,
        public string $safe,
        public string $outline,
        public string $keepOuts,
        public SizeView $object,
        public SizeView $wall,
        public BoxView $focus,
        public LengthView $clearance,
        public string $path,
        public array $layers,
        public ?FrontView $front,
        public Arrangement $arrangement,
        public ?LengthView $radius,
        public float $condense,
        public LengthView $suggestedOffset,
        public ?LengthView $droop,
        public bool $bent,
        public ?float $strain,
        public int $panes,
        public ?string $tooLong,
        public int $keeps,
        public int $counters,
        public int $corners,
        public ?BeforeView $before,
        public float $film,
        public string $life,
        public array $elements,
    ) {
    }

    public static function from(DrawnDesign $drawn): self
    {
        $fitted = $drawn->fitted;
        $top = $fitted->artwork->top();
        $length = LengthView::micrometres(...);

        return new self(
            $drawn->lines,
            $drawn->design->face(),
            $length($fitted->capHeight),
            array_map($length, $fitted->lineHeights()),
            LengthView::atMost($fitted->largest),
            null === $drawn->trueHeight() ? null : $length($drawn->trueHeight()),
            $length($drawn->xHeight),
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
            SvgPath::write($fitted->safe),
            SvgPath::write($drawn->surface->outline()),
            null === $drawn->keepOuts ? '' : SvgPath::write($drawn->keepOuts),
            SizeView::from($drawn->surface->size()),
            SizeView::from($drawn->wall),
            BoxView::from($drawn->focus),
            $length($drawn->clearance),
            SvgPath::write($top),
            LayerView::all($fitted->artwork->layers, $drawn->design->films(), $fitted->picture()),
            FrontView::from($drawn),
            $fitted->words->setting->arrangement,
            null === $drawn->radius ? null : $length($drawn->radius),
            $fitted->words->setting->condense,
            $length($drawn->suggestedOffset),
            null === $fitted->droop ? null : $length($fitted->droop),
            $fitted->bent,
            $drawn->strain(),
            $drawn->panes,
            $drawn->tooLong,
            \count($top->polygons),
            $top->holes(),
            $top->corners(),
            null === $drawn->before ? null : BeforeView::from($drawn->before),
            $drawn->film(),
            $drawn->life,
            array_map(ElementView::from(...), $drawn->whole->elements),
        );
    }
}
