<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Shop\Stock\TapeOnShelf;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;
use Yelbo\Trade\Sheet\FilmEstimate;
use Yelbo\Trade\Sheet\FilmSheet;

/** What an order will take of film, tape and blanks, told while it is being asked for. */
final readonly class EnoughFor
{
    public function __construct(
        private Shelf $shelf,
        private TapeOnShelf $tapes,
        private ShopRules $rules,
    ) {
    }

    /**
     * @param list<AskedItem> $items  all that can be told of it
     * @param int             $untold how many more cannot be told yet
     */
    public function order(array $items, int $untold = 0): Enough
    {
        $rules = $this->rules->current();
        $rolls = $this->tapes->rolls();
        $films = $boxesOf = $tapes = $blanks = [];
        foreach ($items as $item) {
            foreach ($item->layers as $layer) {
                $films[$layer->film->id()] = $layer->film;
                $boxesOf[$layer->film->id()][] = [$layer->box, $layer->count];
                if (null === $layer->lifted) {
                    continue;
                }
                $size = new Size(
                    Length::micrometres($layer->lifted->width()),
                    Length::micrometres($layer->lifted->height()),
                );
                $choice = $this->tapes->choice($size, $layer->film->grade(), $item->on->use, $item->on->material);
                [$roll, $length] = $this->tapes->lifts($size, $choice, $item->on->use, $rolls) ?? [null, 0];
                $key = $choice->kind->inWords().' '.$roll?->id();
                $tapes[$key] = [
                    $choice->kind->inWords(),
                    $roll,
                    ($tapes[$key][2] ?? 0) + $layer->count * $length,
                ];
            }
            $blank = $this->shelf->blank($item->blank);
            if (null !== $blank) {
                $blanks[$blank->id()] = [$blank, ($blanks[$blank->id()][1] ?? 0) + $item->many()];
            }
        }

        return new Enough(
            array_map(
                fn (FilmOnShelf $film): FilmNeed => $this->need($film, $boxesOf[$film->id()], $rules),
                array_values($films),
            ),
            array_map(
                static fn (array $tape): array => [$tape[0], $tape[1], (int) ceil($tape[2] / 1000)],
                array_values($tapes),
            ),
            array_values($blanks),
            $untold,
        );
    }

    /**
     * What is saved by cutting decals together rather than apart.
     *
     * @param list<array{Box, int}> $now   each with how many of it
     * @param list<array{Box, int}> $later
     *
     * @return float m²
     */
    public function together(FilmOnShelf $film, array $now, array $later): float
    {
        $rules = $this->rules->current();
        [$apart, $after, $together] = array_map(
            fn (array $boxes): float => FilmEstimate::of(
                $boxes,
                $this->sheets($film, $rules),
                $rules->micrometres(Rule::GapBetweenOrders),
                0.0,
                !$film->hasDirection(),
            )->area,
            [$now, $later, [...$now, ...$later]],
        );

        return max(0.0, $apart + $after - $together) / 1e6;
    }

    /** @param list<array{Box, int}> $boxes */
    private function need(FilmOnShelf $film, array $boxes, Rules $rules): FilmNeed
    {
        $estimate = FilmEstimate::of(
            $boxes,
            $this->sheets($film, $rules),
            $rules->micrometres(Rule::GapInsideOrder),
            $rules->value(Rule::RecutShare) / 100,
            !$film->hasDirection(),
        );

        return new FilmNeed($film, $estimate->area, $estimate->doubt, $this->shelf->amount($film));
    }

    /**
     * The kinds of sheets and rolls of a film there are; a roll as wide as the machine where there is none.
     *
     * @return non-empty-list<FilmSheet>
     */
    private function sheets(FilmOnShelf $film, Rules $rules): array
    {
        $edge = $rules->micrometres(Rule::SheetEdge);
        [$widest, $longest] = [$rules->micrometres(Rule::CutWidth), $rules->micrometres(Rule::CutLength)];
        $kinds = [];
        foreach ($this->shelf->itemsOf($film) as $item) {
            // What was left over may be gone by the time.
            if (StockItem::OFFCUT !== $item->kind()) {
                $kinds["{$item->width()} {$item->height()}"] = new FilmSheet(
                    $item->width(),
                    min($item->height(), $longest),
                    $edge,
                    $widest,
                );
            }
        }

        return array_values($kinds) ?: [new FilmSheet($widest + 2 * $edge, $longest, $edge, $widest)];
    }
}
