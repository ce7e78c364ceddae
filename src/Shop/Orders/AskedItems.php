<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Designs\FirstDesign;
use Yelbo\Shop\Designs\RosterFitter;
use Yelbo\Shop\Designs\WholeDecal;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Bench\Weeding;
use Yelbo\Trade\Cache;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Lettering\Roster;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Sheet\RegisterMark;

/**
 * What is cut for the items of an order, while it is asked for and as it is drawn: the one estimate of it.
 *
 * @phpstan-import-type FilmLayer from WholeDecal
 */
final readonly class AskedItems
{
    /** Names of a list that are drawn to tell what all take. */
    private const MOST_DRAWN = 40;

    public function __construct(
        private DrawnItems $drawn,
        private RosterFitter $rosters,
        private FirstDesign $first,
        private AskedFilms $films,
        private Shelf $shelf,
        private ShopRules $rules,
        private Cache $cache,
    ) {
    }

    /**
     * As it is drawn now.
     *
     * @throws Refusals|Refused where it cannot be
     */
    public function drawn(Item $item): AskedItem
    {
        $film = $item->ownFilm();
        $decals = array_column($this->drawn->decals($item, $item->draft()), 1);
        $each = $item->quantity() * $item->object()->panes();
        $every = self::every(\count($decals));
        $layers = $things = [];
        foreach (array_chunk($decals, $every) as $alike) {
            array_push($layers, ...$this->layers($alike[0], $film, $each * \count($alike)));
            $things[] = [
                $item->quantity() * \count($alike),
                $this->films->of($alike[0]->layers(), AskedOn::drawn($item)),
            ];
        }

        return new AskedItem(
            AskedOn::drawn($item),
            $each * \count($decals),
            $layers ?: throw new \LogicException('A decal has film.'),
            $things,
            (int) $item->answers()->blank,
        );
    }

    /**
     * As it would be drawn at first: words alone.
     *
     * @param WholeDecal $first its words, of a roster the longest name
     *
     * @throws Refused where the names of a set cannot be drawn
     */
    public function asked(HeardItem $item, WholeDecal $first): AskedItem
    {
        $on = $item->on;
        $object = $on->object ?? throw new \LogicException('What is drawn is drawn on something.');
        $film = $on->film ?? throw new \LogicException('What is cut is cut from a film.');
        $names = $item->roster;
        $quantity = $item->quantity;
        $each = $quantity * $object->panes();
        $layers = $this->layers($first, $film, $each);
        $kinds = [[$quantity, $this->films->of($first->layers(), $on)]];
        if ([] !== $names) {
            [$longest] = $layers;
            $drawn = $this->names($names, $object);
            $at = $first->box();
            $kinds = array_map(
                function (array $name) use ($quantity, $at, $on): array {
                    $box = $name[0]->box();
                    $region = $name[0]->moved($at->left - $box->left, $at->top - $box->top);

                    return [
                        $quantity * $name[1],
                        $this->films->of([['film' => null, 'region' => $region, 'group' => 0]], $on),
                    ];
                },
                $drawn,
            );
            $layers = array_map(
                static fn (array $name): AskedLayer => new AskedLayer(
                    $film,
                    $name[0],
                    $each * $name[1],
                    $longest->weeding,
                    $longest->outline * $name[0]->box()->width() / max(1, $longest->region->box()->width()),
                    $name[0]->box(),
                ),
                $drawn,
            );
        }

        return new AskedItem($on, $each * max(1, \count($names)), $layers, $kinds, $item->blank);
    }

    /**
     * Of a long list some names stand for the others.
     *
     * @param non-empty-list<list<string>> $names
     *
     * @return non-empty-list<array{Region, int}> each with how many names it stands for
     */
    private function names(array $names, MeasuredObject $object): array
    {
        $every = self::every(\count($names));
        $chunks = array_chunk($names, $every);
        $some = array_map(static fn (array $alike): array => $alike[0], $chunks);
        // Whoever is longest decides how high all are.
        $first = $this->first->of(array_merge(...$names));
        $drawn = $this->rosters->sketchSet($object, [...$some, Roster::longest($names)], $first)[2];

        return array_map(
            static fn (array $alike, int $nth): array => [$drawn[$nth][0]->outermost(), \count($alike)],
            $chunks,
            array_keys($some),
        ) ?: throw new \LogicException('A roster has names.');
    }

    /** @return int<1, max> */
    private static function every(int $many): int
    {
        return max(1, (int) ceil($many / self::MOST_DRAWN));
    }

    /** @return non-empty-list<AskedLayer> */
    private function layers(WholeDecal $whole, FilmOnShelf $own, int $count): array
    {
        $layers = $whole->layers();
        $lifted = [];
        foreach ($layers as $layer) {
            $box = $layer['region']->box();
            $lifted[$layer['group']] = isset($lifted[$layer['group']]) ? $lifted[$layer['group']]->around($box) : $box;
        }
        $asked = [];
        foreach ($layers as $layer) {
            $film = null === $layer['film'] ? $own : $this->shelf->filmNumbered($layer['film']) ?? $own;
            [$weeding, $outline] = $this->worked($layer['region'], $film->grade());
            $asked[] = new AskedLayer(
                $film,
                $this->marked($layer, $layers),
                $count,
                $weeding,
                $outline,
                // The top one of those that are joined stands for all of them.
                $lifted[$layer['group']] ?? null,
                null === $whole->picture() || Film::Printable !== $film->grade() ? 0.0 : $layer['region']->area(),
            );
            $lifted[$layer['group']] = null;
        }

        return $asked;
    }

    /**
     * With the register marks beside what is joined, as the knife gets it.
     *
     * @param FilmLayer       $layer
     * @param list<FilmLayer> $layers
     */
    private function marked(array $layer, array $layers): Region
    {
        $joined = [];
        foreach ($layers as $other) {
            if ($other['group'] === $layer['group']) {
                $joined[] = $other['region'];
            }
        }

        return \count($joined) < 2
            ? $layer['region']
            : $this->cache->recall(
                'marked.'.hash('xxh128', serialize([$layer['region'], $joined])),
                static fn (): Region => RegisterMark::beside($layer['region'], $joined),
            );
    }

    /** @return array{float, float} minutes to weed it, and mm the knife goes round it */
    private function worked(Region $region, Film $film): array
    {
        $rules = $this->rules->current();

        return $this->cache->recall(
            'worked.'.hash('xxh128', serialize([$region, $film, $rules])),
            static function () use ($region, $film, $rules): array {
                $weeding = new Weeding($region, $film, $rules);

                return [$weeding->minutes, $weeding->outline()];
            },
        );
    }
}
