<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Designs\DrawnDesign;
use Yelbo\Trade\Geometry\SvgPath;

/** The film it is cut from: its outlines and what they come to. */
final readonly class DecalFilmView
{
    /**
     * @param string $path the outlines as path data, mm
     * @param list<LayerView> $layers the letters first
     * @param BeforeView|null $before the letters before they were mended, where they were
     * @param list<ElementView> $elements what lies beside the words, from bottom to top
     * @param int $keeps how many pieces of film stay
     * @param int $counters how many insides have to be picked out
     * @param int $corners how many corners the outlines have
     * @param float $area the film that stays of all layers, cm²
     * @param string $life how long it lasts where it is used
     */
    public function __construct(
        public string $path,
        public array $layers,
        public ?BeforeView $before,
        public array $elements,
        public int $keeps,
        public int $counters,
        public int $corners,
        public float $area,
        public string $life,
    ) {
    }

    public static function from(DrawnDesign $drawn): self
    {
        $fitted = $drawn->fitted;
        $top = $fitted->artwork->top();

        return new self(
            SvgPath::write($top),
            LayerView::all($fitted->artwork->layers, $drawn->design->films(), $fitted->picture()),
            null === $drawn->before ? null : BeforeView::from($drawn->before),
            array_map(ElementView::from(...), $drawn->whole->elements),
            \count($top->polygons),
            $top->holes(),
            $top->corners(),
            $drawn->film(),
            $drawn->life,
        );
    }
}
