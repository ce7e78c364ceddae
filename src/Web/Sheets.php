<?php

declare(strict_types=1);

namespace Yelbo\Web;

use Yelbo\Shop\Batches\Batch;
use Yelbo\Shop\Batches\Batching;
use Yelbo\Shop\Batches\Planned;
use Yelbo\Shop\Pieces\Bench;
use Yelbo\Shop\Pieces\Piece;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Sheet\Place;
use Yelbo\Web\View\BatchView;
use Yelbo\Web\View\FilmView;
use Yelbo\Web\View\LeftView;
use Yelbo\Web\View\LengthView;
use Yelbo\Web\View\PlaceView;
use Yelbo\Web\View\PlanView;
use Yelbo\Web\View\StockItemView;

/** Sheets with their pieces in place. */
final readonly class Sheets
{
    public function __construct(private Batching $batching, private Bench $bench, private Present $present, private ShopRules $rules)
    {
    }

    /** @param list<Piece> $pieces */
    public function plan(Planned $plan, array $pieces): PlanView
    {
        $byId = array_combine(array_map(static fn (Piece $piece): int => $piece->id(), $pieces), $pieces);
        $placed = array_map(static fn (Place $place): Piece => $byId[(int) $place->piece], $plan->sheet->places);
        $orders = array_unique(array_map(static fn (Piece $piece): int => $piece->docket()->number(), $pieces));
        $rules = $this->rules->current();

        return new PlanView(
            StockItemView::of($plan->stock),
            array_map($this->place(...), $placed, $plan->sheet->places),
            array_map(static fn (array $left): LeftView => new LeftView($left[0]->tag(), $left[1]), $plan->left),
            LengthView::micrometres($plan->sheet->length),
            round($plan->sheet->fill, 3),
            round($plan->sheet->length / 1e6 * $plan->stock->width() / 1e6, 3),
            round(array_sum(array_map(fn (Piece $piece): float => $this->bench->weeding($piece)->minutes, $placed)), 1),
            LengthView::micrometres($rules->micrometres(\count($orders) > 1 ? Rule::GapBetweenOrders : Rule::GapInsideOrder)),
            LengthView::micrometres(max(0, $plan->stock->height() - $plan->sheet->length)),
        );
    }

    public function batch(Batch $batch): BatchView
    {
        $metres = 0.0;
        $places = [];
        foreach ($this->batching->present($batch) as [$piece, $place]) {
            $places[] = $this->place($piece, $place);
            $metres += $piece->region()->outlineLength() / 1000;
        }

        return new BatchView(
            $batch->id(), $batch->version(), $batch->state()->value, FilmView::of($batch->film()), StockItemView::of($batch->stock()),
            LengthView::micrometres($batch->length()), round($batch->fill(), 3), $batch->releasedAt()->format(\DATE_ATOM),
            $batch->progress(), $batch->trouble(), $places, round($metres, 2), round($this->batching->cutFile($batch)->seconds() / 60, 1),
        );
    }

    private function place(Piece $piece, Place $place): PlaceView
    {
        return new PlaceView($piece->id(), $piece->tag(), $piece->label(), SvgPath::write($place->put($piece->region())), $place->x / 1000, $place->y / 1000, $this->present->isPieceLate($piece));
    }
}
