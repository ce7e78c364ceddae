<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Plan\PaperGuide;
use Yelbo\Trade\Plan\Strokes;
use Yelbo\Trade\Plan\Tiling;
use Yelbo\Trade\Rule;

/** Paper guides of pieces, laid out on pages. Source: handbook section 11. */
final readonly class PaperGuides
{
    public function __construct(private DecalsToApply $decals, private Outlines $outlines, private ShopRules $rules)
    {
    }

    /**
     * Of the whole object where that takes few enough pages, else of what lies round the art; the way round of the
     * paper that takes fewer.
     *
     * @param array{int, int} $upright of a page that stands upright what can be printed on, µm
     * @param array{int, int} $lying   of one that lies
     */
    public function laid(Piece $piece, array $upright, array $lying): LaidGuide
    {
        $laid = $this->on($this->guide($piece, true), $upright, $lying);

        return \count($laid->pages) <= $this->rules->current()->value(Rule::GuidePages)
            ? $laid
            : $this->on($this->guide($piece, false), $upright, $lying);
    }

    /** The guide of a piece as one drawing. */
    public function guide(Piece $piece, bool $whole): PaperGuide
    {
        return PaperGuide::of(
            $this->decals->of($piece),
            $piece->item()->object()->surface()->outline(),
            array_map(
                fn (Piece $layer): Region => $this->outlines
                    ->region($layer->drawn()->outline())
                    ->moved($piece->drawn()->left()->micrometres, $piece->drawn()->top()->micrometres),
                array_reverse($piece->joined()),
            ),
            $whole,
        );
    }

    /**
     * @param array{int, int} $upright
     * @param array{int, int} $lying
     */
    private function on(PaperGuide $guide, array $upright, array $lying): LaidGuide
    {
        $overlap = $this->rules->current()->micrometres(Rule::GuideOverlap);
        $stands = Tiling::of($guide->frame, $upright[0], $upright[1], $overlap);
        $lies = Tiling::of($guide->frame, $lying[0], $lying[1], $overlap);
        $isUpright = \count($stands->pages) <= \count($lies->pages);
        $tiling = $isUpright ? $stands : $lies;

        return new LaidGuide(
            $guide->frame,
            [
                ...$guide->marks,
                ...array_map(static fn (array $at): array => Strokes::register(...$at), $tiling->crosses),
            ],
            $tiling->pages,
            $tiling->columns,
            $tiling->rows,
            $isUpright,
            $guide->whole,
        );
    }
}
