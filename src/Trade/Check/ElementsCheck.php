<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Lettering\Element;
use Yelbo\Trade\Lettering\FilmLayers;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * Several elements on one object seen together: each by itself, those of one film as one piece of film where they meet,
 * and films that meet without anybody having said so. Source: handbook sections 4 and 5.
 *
 * A thing: whether it lies on others on purpose, its outline in the object's frame, the grade of its film, which film
 * of that grade it is, and which element it is of, -1 for the words; colours of one element may lie on each other.
 *
 * @phpstan-type Thing array{bool, Region, Film, string, int}
 */
final readonly class ElementsCheck
{
    public function __construct(private DecalCheck $judgement, private Rules $rules)
    {
    }

    /**
     * @param list<array{Element, Fitted, Film}> $elements from bottom to top
     *
     * @return list<array{Snag, int}> each with the place of its element in the list, spots in the object's frame
     */
    public function judge(array $elements, Usage $use): array
    {
        $snags = [];
        $things = [];
        foreach ($elements as $nth => [$element, $fitted, $film]) {
            foreach ($this->judgement->judge($fitted, $film, $use) as $snag) {
                $snags[] = [self::inObject($snag, $fitted), $nth];
            }
            $things[] = [$element->over, self::laid($fitted), $film, $film->value, $nth];
        }

        return [...$snags, ...$this->between($things, $use)];
    }

    /**
     * What speaks against several things lying where they do beside each other.
     *
     * @param list<Thing> $things from bottom to top
     *
     * @param array<int, string> $names what people call the elements, by their numbers
     *
     * @return list<array{Snag, int}> each with the place of the thing in the list
     */
    public function between(array $things, Usage $use, array $names = []): array
    {
        return [
            ...$this->nearEachOther($things, $use, $names),
            ...$this->overlaps($things, $names),
            ...$this->tooManyFilms($things),
        ];
    }

    /** @param array<int, string> $names */
    private static function named(int $element, array $names): string
    {
        return $names[$element] ?? ($element < 0 ? 'the words' : 'element '.($element + 1));
    }

    /** @return Region the film of an element where it lies */
    public static function laid(Fitted $fitted): Region
    {
        return $fitted->artwork->outermost()->moved(...$fitted->at);
    }

    /** A snag with its spot in the object's frame, in the middle of the art where it has none. */
    public static function inObject(Snag $snag, Fitted $fitted): Snag
    {
        $box = $fitted->artwork->box();
        $at = $snag->at ?? [intdiv($box->width(), 2), intdiv($box->height(), 2)];

        return $snag->told([$at[0] + $fitted->at[0], $at[1] + $fitted->at[1]], $snag->message);
    }

    /**
     * Gaps between elements of one film: the hook has to get in there too.
     *
     * @param list<Thing> $things
     * @param array<int, string> $names
     *
     * @return list<array{Snag, int}>
     */
    private function nearEachOther(array $things, Usage $use, array $names): array
    {
        $limits = array_map(
            fn (array $thing): int => $thing[2]->limits($this->rules)->in($use, $this->rules)->gap,
            $things,
        );
        $near = Geos::tooNear(
            array_column($things, 1),
            static fn (int $other, int $nth): int => $things[$other][3] === $things[$nth][3] ? $limits[$nth] : 0,
        );
        $snags = [];
        foreach ($near as [$other, $nth]) {
            $apart = Geos::distance($things[$nth][1], $things[$other][1]);
            if ($apart <= 0) {
                continue;
            }
            $at = $things[$nth][1]->box();
            $snags[] = [
                new Snag(
                    SnagCode::TightGap,
                    Severity::Warn,
                    $limits[$nth],
                    (int) round($apart),
                    [intdiv($at->left + $at->right, 2), intdiv($at->top + $at->bottom, 2)],
                    'It comes nearer to '.
                        self::named($things[$other][4], $names).
                        ' than the film between comes out clean.',
                    [['do' => Remedy::Move, 'by' => $limits[$nth] - (int) round($apart)]],
                ),
                $nth,
            ];
        }

        return $snags;
    }

    /**
     * @param list<Thing> $things
     * @param array<int, string> $names
     *
     * @return list<array{Snag, int}>
     */
    private function overlaps(array $things, array $names): array
    {
        $snags = [];
        foreach ($things as $nth => [$over, $region, , $name, $of]) {
            foreach ($over ? [] : \array_slice($things, 0, $nth) as [, $other, , $under, $ofIt]) {
                $common = $name === $under || $of === $ofIt || !$region->box()->overlaps($other->box())
                    ? Region::none()
                    : Geos::intersection($region, $other);
                if ($common->isEmpty() || $common->area() <= 0) {
                    continue;
                }
                $box = $common->box();
                $snags[] = [
                    new Snag(
                        SnagCode::ElementsOverlap,
                        Severity::Stop,
                        0,
                        min($box->width(), $box->height()),
                        [intdiv($box->left + $box->right, 2), intdiv($box->top + $box->bottom, 2)],
                        'It meets '.
                            self::named($ofIt, $names).
                            ', which is of another film. Move it, or say that it lies on top.',
                        [['do' => Remedy::Move, 'by' => min($box->width(), $box->height())], ['do' => Remedy::Over]],
                    ),
                    $nth,
                ];
            }
        }

        return $snags;
    }

    /**
     * On top of each other film lies only so thick that it still lies flat and holds.
     *
     * @param list<Thing> $things
     *
     * @return list<array{Snag, int}>
     */
    private function tooManyFilms(array $things): array
    {
        $most = (int) $this->rules->value(Rule::FilmsOnTop);
        // No spot has more films on it than there are.
        if (\count(array_unique(array_column($things, 3))) <= $most) {
            return [];
        }
        $depth = FilmLayers::of(
            array_map(static fn (array $thing): array => [$thing[3], $thing[1]], $things),
        )->depth();

        return $depth <= $most
            ? []
            : [
                [
                    new Snag(
                        SnagCode::TooManyFilms,
                        Severity::Stop,
                        $most,
                        $depth,
                        null,
                        "$depth films lie on top of each other, and $most hold at the most. Move one beside, or cut "
                            .'it out of the one below.',
                        [['do' => Remedy::Move, 'by' => 0]],
                    ),
                    \count($things) - 1,
                ],
            ];
    }
}
