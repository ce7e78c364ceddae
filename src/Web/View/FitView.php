<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\DrawnDesign;
use Yelbo\Trade\Geometry\SvgPath;

/** Words drawn on an object: everything the drawing shows. */
final readonly class FitView
{
    /**
     * @param list<string>    $words
     * @param LengthView      $across   from the object's middle to the art's, to the right
     * @param LengthView      $down     from the object's middle to the art's, downwards
     * @param BoxView         $focus    what of the object is worth looking at, mm
     * @param list<FeatureView> $features
     * @param list<LayerView> $layers the letters first
     * @param BeforeView|null $before the letters before they were mended, where they were
     */
    public function __construct(
        public array $words,
        public string $face,
        public LengthView $capHeight,
        public LengthView $largest,
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
        public string $arrangement,
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
        public string $readyAt,
    ) {
    }

    public static function from(DrawnDesign $drawn): self
    {
        $fitted = $drawn->fitted;
        $top = $fitted->artwork->top();
        $length = LengthView::micrometres(...);

        return new self(
            $drawn->lines, $drawn->design->face(), $length($fitted->capHeight), $length($fitted->largest), $length($drawn->xHeight), SizeView::box($fitted->artwork->box()),
            $length($fitted->at[0]), $length($fitted->at[1]), $length($drawn->distances['right']), $length($drawn->distances['bottom']), $length($drawn->distances['across']), $length($drawn->distances['down']),
            array_map(static fn (array $feature): FeatureView => new FeatureView($feature['label'], $length($feature['x']), $length($feature['y'])), $drawn->distances['features']),
            $fitted->inside, SvgPath::write($fitted->safe), SvgPath::write($drawn->surface->outline()), null === $drawn->keepOuts ? '' : SvgPath::write($drawn->keepOuts),
            SizeView::from($drawn->surface->size()), SizeView::from($drawn->wall), BoxView::from($drawn->focus), $length($drawn->clearance), SvgPath::write($top),
            LayerView::all($fitted->artwork->layers, $drawn->design->films()), FrontView::from($drawn),
            $fitted->words->setting->arrangement->value, null === $drawn->radius ? null : $length($drawn->radius), $fitted->words->setting->condense, $length($drawn->suggestedOffset),
            null === $fitted->droop ? null : $length($fitted->droop), $fitted->bent, $drawn->strain(), $drawn->panes, $drawn->tooLong,
            \count($top->polygons), $top->holes(), $top->corners(), null === $drawn->before ? null : BeforeView::from($drawn->before),
            $drawn->film(), $drawn->life, $drawn->readyAt->format(\DATE_ATOM),
        );
    }
}
