<?php

declare(strict_types=1);

namespace Yelbo\Web;

use Yelbo\Shop\Batches\Batch;
use Yelbo\Shop\Batches\Batching;
use Yelbo\Shop\Machines\Machines;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Lettering\Memory;
use Yelbo\Web\View\BatchView;
use Yelbo\Web\View\FilmView;
use Yelbo\Web\View\LengthView;
use Yelbo\Web\View\PlaceView;
use Yelbo\Web\View\RestView;
use Yelbo\Web\View\SizeView;
use Yelbo\Web\View\StockItemView;

/** Sheets with their pieces in place. */
final readonly class Sheets
{
    public function __construct(private Batching $batching, private Present $present, private ShopRules $rules, private Machines $machines, private Memory $memory)
    {
    }

    public function batch(Batch $batch): BatchView
    {
        $metres = 0.0;
        $places = [];
        foreach ($this->batching->present($batch) as [$piece, $place, $region, $part]) {
            $put = $place->put($region);
            $places[] = new PlaceView($piece->id(), $piece->tag().($part < 0 ? '' : ' part '.($part + 1)), $piece->label(), SvgPath::write($put), $place->x / 1000, $place->y / 1000, $this->present->isPieceLate($piece));
            $metres += $region->outlineLength() / 1000;
        }
        $paths = array_column($places, 'path');
        $seconds = $this->memory->recall('cut.'.hash('xxh128', serialize([$paths, $batch->boxes(), $this->rules->current()])), fn (): float => $this->batching->cutFile($batch)->seconds());

        return new BatchView(
            $batch->id(), $batch->version(), $batch->state()->value, FilmView::of($batch->film()), StockItemView::of($batch->stock()),
            LengthView::micrometres($batch->length()), round($batch->fill(), 3), $batch->releasedAt()->format(\DATE_ATOM),
            $batch->progress(), $batch->trouble(), $places, round($metres, 2), round($seconds / 60, 1),
            $batch->release(), array_map(static fn (Box $box): string => SvgPath::write($box->region()), $batch->boxes()), $batch->outline(), SizeView::micrometres($batch->width(), $batch->height()), $this->machines->inUse()?->says(),
        );
    }

    public function rest(Batch $batch): RestView
    {
        $rest = $this->batching->rest($batch);

        return new RestView(
            $batch->id(), $batch->version(), FilmView::of($batch->film()), $batch->stock()->number(), SizeView::micrometres($batch->width(), $batch->height()), $batch->outline(),
            null === $rest->square ? null : SvgPath::write($rest->square), null === $rest->square ? null : SizeView::box($rest->square->box()),
            null === $rest->odd ? null : SvgPath::write($rest->odd), round(($rest->odd?->area() ?? 0) / 1e6, 4),
            null !== $rest->odd ? 'odd' : (null !== $rest->square ? 'square' : 'scrap'),
        );
    }
}
