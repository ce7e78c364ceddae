<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\FilmToCut;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\TapeOnShelf;
use Yelbo\Trade\Cache;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Sheet\FilmEstimate;
use Yelbo\Trade\Sheet\Gaps;

/** What an order will take of film, tape and blanks, told while it is being asked for. */
final readonly class StockCoverFor
{
    public function __construct(
        private Shelf $shelf,
        private FilmToCut $film,
        private TapeOnShelf $tapes,
        private ShopRules $rules,
        private Cache $cache,
    ) {
    }

    /**
     * @param list<AskedItem> $items  all that can be told of it
     * @param int             $untold how many more cannot be told yet
     */
    public function order(array $items, int $untold = 0): StockCover
    {
        $rolls = $this->tapes->rolls();
        $films = $layersOf = $tapes = $blanks = [];
        foreach ($items as $item) {
            foreach ($item->layers as $layer) {
                $films[$layer->film->id()] = $layer->film;
                $layersOf[$layer->film->id()][] = $layer;
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

        return new StockCover(
            array_map(
                fn (FilmOnShelf $film): FilmNeed => $this->need($film, $layersOf[$film->id()]),
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
        [$gaps, $stock, $turns] = [$this->film->gaps(), $this->film->kinds($film), $this->film->turns($film)];
        $apart = new Gaps($gaps->between, $gaps->between, $gaps->edge);
        [$now, $later, $together] = array_map(
            static fn (array $boxes): float => FilmEstimate::inRows($boxes, $stock, $apart, $turns),
            [$now, $later, [...$now, ...$later]],
        );

        return max(0.0, $now + $later - $together) / 1e6;
    }

    /** @param list<AskedLayer> $layers */
    private function need(FilmOnShelf $film, array $layers): FilmNeed
    {
        $parts = [];
        foreach ($layers as $layer) {
            foreach ($this->film->parts($layer->region, $film) as $part) {
                $parts[] = [$part, $layer->count];
            }
        }
        $stock = $this->film->kinds($film);
        $gaps = $this->film->gaps();
        $turns = $this->film->turns($film);
        $recut = $this->rules->current()->value(Rule::RecutShare) / 100;
        $estimate = $this->cache->recall(
            'film-told.'.hash('xxh128', serialize([$parts, $stock, $gaps, $turns, $recut])),
            static fn (): FilmEstimate => FilmEstimate::of($parts, $stock, $gaps, $turns, $recut),
        );

        return new FilmNeed($film, $estimate->area, $estimate->doubt, $this->shelf->amount($film));
    }
}
