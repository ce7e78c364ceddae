<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Designs\DesignFitter;
use Yelbo\Shop\Input\TypedWords;
use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Shop\Stock\TapeOnShelf;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Lettering\Roster;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;
use Yelbo\Trade\Sheet\FilmEstimate;

/** What an order will take of film, tape and blanks, told while it is being asked for. */
final readonly class EnoughFor
{
    /** Names of a list that are drawn to tell what all take. */
    private const MOST_DRAWN = 40;

    public function __construct(
        private Shelf $shelf,
        private TapeOnShelf $tapes,
        private DesignFitter $fitter,
        private ShopRules $rules,
    ) {
    }

    /**
     * @param list<AskedItem> $items  all that can be told of it
     * @param int             $untold how many more cannot be told yet
     *
     * @throws Refused where the names of a set cannot be drawn
     */
    public function order(array $items, int $untold = 0): Enough
    {
        $rules = $this->rules->current();
        $rolls = $this->tapes->rolls();
        $films = $boxesOf = $tapes = $blanks = [];
        foreach ($items as $item) {
            $boxes = $this->boxes($item);
            $films[$item->film->id()] = $item->film;
            $boxesOf[$item->film->id()] = [...$boxesOf[$item->film->id()] ?? [], ...$boxes];
            foreach ($boxes as [$box, $count]) {
                $size = new Size(Length::micrometres($box->width()), Length::micrometres($box->height()));
                $choice = $this->tapes->choice($size, $item->film->grade(), $item->use, $item->object->material());
                [$roll, $length] = $this->tapes->lifts($size, $choice, $item->use, $rolls) ?? [null, 0];
                $key = $choice->kind->inWords().' '.$roll?->id();
                $tapes[$key] = [
                    $choice->kind->inWords(),
                    $roll,
                    ($tapes[$key][2] ?? 0) + $count * $length,
                ];
            }
            $blank = $this->shelf->blank((int) $item->answers->blank);
            if (null !== $blank) {
                $names = \count(TypedWords::roster($item->answers->roster));
                $blanks[$blank->id()] = [
                    $blank,
                    ($blanks[$blank->id()][1] ?? 0) + max(1, (int) $item->answers->quantity) * max(1, $names),
                ];
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
                $this->width($film, $rules),
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
            $this->width($film, $rules),
            $rules->micrometres(Rule::GapInsideOrder),
            $rules->value(Rule::RecutShare) / 100,
            !$film->hasDirection(),
        );

        return new FilmNeed($film, $estimate->area, $estimate->doubt, $this->shelf->amount($film));
    }

    /**
     * @return list<array{Box, int}> every decal with how many there are of it
     *
     * @throws Refused
     */
    private function boxes(AskedItem $item): array
    {
        $names = TypedWords::roster($item->answers->roster);
        $each = max(1, (int) $item->answers->quantity) * $item->object->panes();

        return array_map(
            static fn (array $decal): array => [$decal[0], $each * $decal[1]],
            [] === $names
                ? [[$item->drawn->fitted->artwork->box(), 1]]
                : $this->decals($names, $item->object),
        );
    }

    /**
     * Of a long list some names stand for the others.
     *
     * @param non-empty-list<list<string>> $names
     *
     * @return list<array{Box, int}> each with how many names it stands for
     */
    private function decals(array $names, MeasuredObject $object): array
    {
        $every = max(1, (int) ceil(\count($names) / self::MOST_DRAWN));
        $some = array_map(static fn (array $alike): array => $alike[0], array_chunk($names, $every));
        // Whoever is longest decides how high all are.
        $drawn = $this->fitter->sketchSet($object, [...$some, Roster::longest($names)], new Design())[2];

        return array_map(
            static fn (array $alike, int $nth): array => [$drawn[$nth][0]->box(), \count($alike)],
            array_chunk($names, $every),
            array_keys($some),
        );
    }

    /** µm of the widest film of its kind that the machine takes; what the machine takes where there is none. */
    private function width(FilmOnShelf $film, Rules $rules): int
    {
        $edges = 2 * $rules->micrometres(Rule::SheetEdge);
        $widest = array_map(static fn (StockItem $item): int => $item->width() - $edges, $this->shelf->itemsOf($film));

        return min($rules->micrometres(Rule::CutWidth), [] === $widest ? \PHP_INT_MAX : max(1, ...$widest));
    }
}
