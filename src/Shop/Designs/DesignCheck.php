<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

use Yelbo\Shop\Objects\MeasuredObject;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Trade\Cache;
use Yelbo\Trade\Check\DecalCheck;
use Yelbo\Trade\Check\ElementsCheck;
use Yelbo\Trade\Check\FaceMeasures;
use Yelbo\Trade\Check\FilmInHand;
use Yelbo\Trade\Check\OverTheEdge;
use Yelbo\Trade\Check\SetCheck;
use Yelbo\Trade\Check\Severity;
use Yelbo\Trade\Check\Snag;
use Yelbo\Trade\Check\SnagCode;
use Yelbo\Trade\Check\SnagGroup;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Limits;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Lettering\Spelling;

/** Everything that speaks against a drawing, and what of it stops a proof. */
final readonly class DesignCheck
{
    private const OF_FILM = [SnagCode::FilmAndUse, SnagCode::FilmAndSurface];

    public function __construct(
        private ShopRules $rules,
        private FaceMeasures $measures,
        private Cache $cache,
        private ObjectCheck $objects,
        private Shelf $shelf,
    ) {
    }

    /**
     * @param FilmOnShelf|null $kept the film itself, where it is known, for what its colour and its sheets say
     * @param list<int|null>   $films of each layer by its number, the letters first; none for the film itself
     *
     * @return list<SnagGroup> stops first
     */
    public function groups(
        Fitted $fitted,
        MeasuredObject $object,
        Film $film,
        Usage $use,
        ?FilmOnShelf $kept = null,
        array $films = [],
    ): array {
        $inHand = new FilmInHand($this->rules->current());
        $shelf =
            null === $kept
                ? []
                : [
                    ...$inHand->shelf($fitted, $this->shelf->largest($kept), $this->shelf->widestTape()),
                    ...$inHand->colour($film, $kept->swatch(), $kept->liner(), $kept->hasDirection()),
                    ...$inHand->outdoors($use, $kept->outdoors()),
                ];

        return SnagGroup::all([
            ...$this->objects->onPaint($this->snags($fitted, $object, $film, $use, $kept), $object),
            ...$shelf,
            ...array_filter([
                $object->allowance()->goesOver() ? OverTheEdge::of($fitted, $object->surface()->outline()) : null,
            ]),
            // Of what is printed the film's own colour says nothing.
            ...null === $kept || null !== $fitted->picture()
                ? []
                : $this->objects->contrast($fitted, $object, $kept, $films),
        ]);
    }

    /** What knife and hook can manage of a film in a use: the stricter of its grade and its maker. */
    public function limits(Film $film, Usage $use, ?FilmOnShelf $kept = null): Limits
    {
        return ($kept?->limits($this->rules->current()) ?? $film->limits($this->rules->current()))->in(
            $use,
            $this->rules->current(),
        );
    }

    /** @return list<Snag> */
    private function snags(Fitted $fitted, MeasuredObject $object, Film $film, Usage $use, ?FilmOnShelf $kept): array
    {
        $limits = $kept?->limits($this->rules->current()) ?? $film->limits($this->rules->current());
        $key = hash(
            'xxh128',
            serialize([
                $fitted->artwork,
                $fitted->inside,
                $fitted->largest,
                $fitted->capHeight,
                $fitted->droop,
                $fitted->strain,
                $object->readFrom(),
                $object->material(),
                $object->isInside(),
                $film,
                $limits,
                $use,
                $this->rules->current(),
            ]),
        );

        return $this->cache->recall(
            "snags.$key",
            fn (): array => (new DecalCheck($this->rules->current()))->judge(
                $fitted,
                $film,
                $use,
                $object->readFrom(),
                $object->material(),
                $object->isInside(),
                $limits,
            ),
        );
    }

    /**
     * What speaks against the elements of a decal: each by itself, and all of them beside its words. Spots lie in the
     * frame of the words.
     *
     * @param FilmOnShelf $own the film of the words
     *
     * @return list<array{int, SnagGroup}> each with the place of its element in the list, -1 for the words
     */
    public function ofElements(WholeDecal $whole, MeasuredObject $object, FilmOnShelf $own, Usage $use): array
    {
        $found = [];
        foreach ($whole->elements as $laid) {
            $film = $this->objects->filmOf($laid->element->film, $own);
            foreach ($this->snags($laid->fitted, $object, $film->grade(), $use, $film) as $snag) {
                // What a film says of the object and its use is said once for all that is of it.
                if ($film->grade() !== $own->grade() || !\in_array($snag->code, self::OF_FILM, true)) {
                    $found[$laid->nth][] = ElementsCheck::inObject($snag, $laid->fitted);
                }
            }
        }
        foreach ($this->between($whole, $own, $use) as [$snag, $nth]) {
            $found[$nth][] = $snag;
        }
        ksort($found);
        $groups = [];
        foreach ($found as $nth => $snags) {
            $named = array_map(fn (Snag $snag): Snag => $this->named($snag, $whole, $nth), $snags);
            foreach (SnagGroup::all($named) as $group) {
                $groups[] = [$nth, $group];
            }
        }

        return $groups;
    }

    /** @return list<array{Snag, int}> with the number of the element */
    private function between(WholeDecal $whole, FilmOnShelf $own, Usage $use): array
    {
        $rules = $this->rules->current();
        $things = $whole->things();
        $labels = array_map(
            static fn (LaidElement $laid): string => $laid->element->label(),
            array_column($whole->elements, null, 'nth'),
        );
        $films = array_map(function (array $thing) use ($own): array {
            $film = $this->objects->filmOf($thing['film'], $own);

            return [$thing['over'], $thing['region'], $film->grade(), (string) $film->id(), $thing['nth']];
        }, $things);

        return array_map(
            static fn (array $found): array => [$found[0], $things[$found[1]]['nth']],
            (new ElementsCheck(new DecalCheck($rules), $rules))->between($films, $use, $labels),
        );
    }

    /** It says which element it is about, and lies where the words are drawn. */
    private function named(Snag $snag, WholeDecal $whole, int $nth): Snag
    {
        $laid = array_values(array_filter($whole->elements, static fn (LaidElement $one): bool => $one->nth === $nth));
        $label = [] === $laid ? 'the words' : $laid[0]->element->label();
        $name = mb_strtoupper(mb_substr($label, 0, 1)).mb_substr($label, 1);

        return $snag->told(
            null === $snag->at ? null : [$snag->at[0] - $whole->main->at[0], $snag->at[1] - $whole->main->at[1]],
            "$name: $snag->message",
        );
    }

    /**
     * What stops a proof of decals with all that lies beside their words, each kind once.
     *
     * @param non-empty-list<WholeDecal> $decals
     *
     * @return list<SnagGroup>
     */
    public function stopsOfWhole(array $decals, MeasuredObject $object, FilmOnShelf $film, Usage $use): array
    {
        $stops = $this->stops(
            array_map(static fn (WholeDecal $whole): Fitted => $whole->main, $decals),
            $object,
            $film,
            $use,
        );
        foreach ($decals as $whole) {
            foreach ([] === $whole->elements ? [] : $this->ofElements($whole, $object, $film, $use) as [, $group]) {
                if (Severity::Stop === $group->severity) {
                    $stops[] = $group;
                }
            }
        }

        return $stops;
    }

    /**
     * What stops a proof of one decal or a whole set, each kind once.
     *
     * @param non-empty-list<Fitted> $decals
     *
     * @return list<SnagGroup>
     */
    public function stops(array $decals, MeasuredObject $object, FilmOnShelf $film, Usage $use): array
    {
        $members = array_map(
            static fn (Fitted $fitted): array => [$fitted->words, $fitted->capHeight, $fitted->inside],
            $decals,
        );
        $tightest = (new SetCheck($this->measures))->tightest($members, $this->limits($film->grade(), $use, $film));

        return array_values(
            array_filter(
                SnagGroup::worst(
                    array_map(
                        fn (int $nth): array => SnagGroup::all(
                            $this->snags($decals[$nth], $object, $film->grade(), $use, $film),
                        ),
                        $tightest,
                    ),
                ),
                static fn (SnagGroup $group): bool => Severity::Stop === $group->severity,
            ),
        );
    }

    /**
     * Everything that speaks against several decals, each kind as it stands in the one it is worst in.
     *
     * @param array<int, Fitted> $decals
     *
     * @return list<SnagGroup> stops first
     */
    public function ofAll(array $decals, MeasuredObject $object, FilmOnShelf $film, Usage $use): array
    {
        return SnagGroup::worst(
            array_map(
                fn (Fitted $fitted): array => $this->groups($fitted, $object, $film->grade(), $use, $film),
                array_values($decals),
            ),
        );
    }

    /**
     * How the words drawn differ from those asked for, and what in them may be misread.
     *
     * @param list<string>|null $asked none where it is not known yet
     * @param list<string>      $lines
     *
     * @return list<string> sentences
     */
    public function spelling(?array $asked, array $lines): array
    {
        return array_column(
            [...null === $asked ? [] : Spelling::differences($asked, $lines), ...Spelling::doubts($lines)],
            'says',
        );
    }
}
