<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Designs\DesignFitter;
use Yelbo\Shop\Designs\DrawnDesign;
use Yelbo\Shop\Input\TypedWords;
use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Shop\Stock\TapeOnShelf;
use Yelbo\Trade\Film\Usage;
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

    /** @throws Refused where the names of a set cannot be drawn */
    public function order(
        Answers $answers,
        DrawnDesign $drawn,
        MeasuredObject $object,
        FilmOnShelf $film,
        Usage $use,
    ): Enough {
        $rules = $this->rules->current();
        $names = TypedWords::roster($answers->roster);
        $each = max(1, (int) $answers->quantity) * $object->panes();
        $boxes = array_map(
            static fn (array $decal): array => [$decal[0], $each * $decal[1]],
            [] === $names ? [[$drawn->fitted->artwork->box(), 1]] : $this->decals($names, $object),
        );
        $estimate = FilmEstimate::of(
            $boxes,
            $this->width($film, $rules),
            $rules->micrometres(Rule::GapInsideOrder),
            $rules->value(Rule::RecutShare) / 100,
            !$film->hasDirection(),
        );
        $taken = 0;
        $tape = null;
        $choice = null;
        $rolls = $this->tapes->rolls();
        foreach ($boxes as [$box, $count]) {
            $size = new Size(Length::micrometres($box->width()), Length::micrometres($box->height()));
            $choice = $this->tapes->choice($size, $film->grade(), $use, $object->material());
            [$supply, $length] = $this->tapes->lifts($size, $choice, $use, $rolls) ?? [null, 0];
            $tape ??= $supply;
            $taken += $count * $length;
        }

        return new Enough(
            $estimate->area,
            $estimate->doubt,
            $this->shelf->amount($film),
            $tape,
            $choice?->kind->inWords() ?? '',
            (int) ceil($taken / 1000),
            $this->shelf->blank((int) $answers->blank),
            max(1, (int) $answers->quantity) * max(1, \count($names)),
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
