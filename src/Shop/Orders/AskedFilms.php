<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\FilmToCut;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Bench\TapeChoice;
use Yelbo\Trade\Bench\Taping;
use Yelbo\Trade\Cache;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Plan\Decal;
use Yelbo\Trade\Plan\FilmDetail;
use Yelbo\Trade\Plan\FilmOnThing;
use Yelbo\Trade\Plan\FilmParts;
use Yelbo\Trade\Plan\OtherFilms;
use Yelbo\Trade\Plan\Shape;
use Yelbo\Trade\Plan\Substrate;
use Yelbo\Trade\Plan\TapePiece;

/**
 * The films of a thing that is asked for or drawn, as the plan of work will have them once it is said yes to: so that a
 * price counts the minutes the steps will tell.
 */
final readonly class AskedFilms
{
    public function __construct(
        private Shelf $shelf,
        private FilmToCut $film,
        private ShopRules $rules,
        private Cache $cache,
    ) {
    }

    /**
     * @param non-empty-list<array{film: int|null, region: Region, group: int}> $layers of one decal, the top one
     *     first, in the object's frame
     *
     * @return non-empty-list<FilmOnThing> in the order in which they are laid, for each pane
     */
    public function of(array $layers, AskedOn $on): array
    {
        $groups = [];
        foreach ($layers as $layer) {
            $groups[$layer['group']][] = $layer;
        }
        $films = [];
        foreach (array_values($groups) as $nth => $group) {
            $with = 0 === $nth ? '' : "$nth";
            foreach (\array_slice($group, 1) as $place => $under) {
                $films[] = new FilmOnThing("$with.$place", $this->decal([$under], $on), 'what lies over it', $with);
            }
            $films[] = new FilmOnThing($with, $this->decal($group, $on), '', $with);
        }

        return self::onPanes($films, $on->panes());
    }

    /**
     * The usual decal, where nothing more is known.
     *
     * @param int $longer its longer side, µm
     *
     * @return non-empty-list<FilmOnThing> for each pane
     */
    public function unseen(int $longer, AskedOn $on): array
    {
        $object = $on->object?->size();
        // No wider and no higher than what it goes on: it does not reach over an edge.
        $size = new Size(
            Length::micrometres(min($longer, $object?->width->micrometres ?? $longer)),
            Length::micrometres(min($longer, $object?->height->micrometres ?? $longer)),
        );

        return self::onPanes([new FilmOnThing('', $this->plain($size, $on->film, $on))], $on->panes());
    }

    /**
     * Films on each pane, told apart by its number.
     *
     * @param non-empty-list<FilmOnThing> $films
     *
     * @return non-empty-list<FilmOnThing>
     */
    private static function onPanes(array $films, int $panes): array
    {
        $all = $films;
        for ($pane = 2; $pane <= $panes; ++$pane) {
            foreach ($films as $film) {
                $all[] = new FilmOnThing("$pane-$film->name", $film->decal, $film->above, "$pane-$film->with");
            }
        }

        return $all;
    }

    /** @param non-empty-list<array{film: int|null, region: Region, group: int}> $layers joined, the top one first */
    private function decal(array $layers, AskedOn $on): Decal
    {
        $object = $on->object ?? throw new \LogicException('What is drawn is drawn on something.');
        $own = $layers[0]['film'];
        $regions = array_map(static fn (array $layer): Region => $layer['region'], $layers);
        $box = array_reduce(
            $regions,
            static fn (?Box $box, Region $region): Box => $box?->around($region->box()) ?? $region->box(),
        ) ?? throw new \LogicException('A decal has film.');
        $size = new Size(Length::micrometres($box->width()), Length::micrometres($box->height()));
        // What is joined lies on what is under it.
        $film = null === $own ? $on->film : $this->shelf->filmNumbered($own) ?? $on->film;
        [$loose, $onSeams] = $this->parts($regions, $on->hasInsides && 1 === \count($layers), $object->seams());
        $plain = $this->plain($size, $film, $on);

        return new Decal(...[
            'on' => new Substrate(...[
                'edge' => $object->edgeOf($regions[0]),
                'corners' => $object->corners(),
            ] + get_object_vars($plain->on)),
            'left' => Length::micrometres($box->left),
            'top' => Length::micrometres($box->top),
            'detail' => new FilmDetail(
                null === $film ? [] : $this->film->cutParts($regions[0], $film),
                loose: $loose,
                onSeams: $onSeams,
            ),
            'others' => new OtherFilms(array_fill(0, \count($layers) - 1, 'what lies under it')),
        ] + get_object_vars($plain));
    }

    private function plain(Size $size, ?FilmOnShelf $film, AskedOn $on): Decal
    {
        $rules = $this->rules->current();
        $grade = $film?->grade() ?? Film::Permanent;
        $zero = Length::micrometres(0);
        $longer = max($size->width->micrometres, $size->height->micrometres);

        return new Decal(
            $grade,
            $on->use,
            new Substrate(
                $on->object?->shape() ?? Shape::Flat,
                $on->object?->size() ?? $size,
                $on->material,
                true === $on->object?->isInside(),
            ),
            $size,
            $zero,
            $zero,
            new TapePiece(
                TapeChoice::for($longer, $grade, $on->use, $on->material, false, $rules),
                Taping::cover($size, $on->use, $rules),
            ),
            appliedHere: $on->here,
            finish: $on->finish,
        );
    }

    /**
     * @param non-empty-list<Region> $regions
     * @param list<int>              $seams   µm
     *
     * @return array{int, list<array{int, int, int}>} parts that hang on nothing, and those on a seam
     */
    private function parts(array $regions, bool $hasInsides, array $seams): array
    {
        if (!$hasInsides && [] === $seams) {
            return [0, []];
        }

        return $this->cache->recall(
            'asked-parts.'.hash('xxh128', serialize([$regions, $hasInsides, $seams])),
            static function () use ($regions, $hasInsides, $seams): array {
                $parts = new FilmParts(Geos::union($regions));

                return [$hasInsides ? $parts->loose() : 0, $parts->on($seams)];
            },
        );
    }
}
