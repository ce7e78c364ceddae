<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Lettering\Element;
use Yelbo\Trade\Lettering\Fitted;
use Yelbo\Trade\Rules;

/**
 * Several elements on one object seen together: each by itself, those of one film as one piece of film where they meet,
 * and films that meet without anybody having said so. Source: handbook sections 4 and 5.
 */
final readonly class ElementsCheck
{
    private const OVERLAP = 'elements-overlap';

    public function __construct(private Judgement $judgement, private Rules $rules)
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
        foreach ($elements as $nth => [, $fitted, $film]) {
            foreach ($this->judgement->judge($fitted, $film, $use) as $snag) {
                $snags[] = [self::inObject($snag, $fitted), $nth];
            }
        }

        return [...$snags, ...$this->nearEachOther($elements, $use), ...$this->overlaps($elements)];
    }

    /** @return Region the film of an element where it lies */
    private static function laid(Fitted $fitted): Region
    {
        return $fitted->artwork->outermost()->moved(...$fitted->at);
    }

    private static function inObject(Snag $snag, Fitted $fitted): Snag
    {
        $box = $fitted->artwork->box();
        $at = $snag->at ?? [intdiv($box->width(), 2), intdiv($box->height(), 2)];

        return new Snag(
            $snag->code,
            $snag->severity,
            $snag->limit,
            $snag->found,
            [$at[0] + $fitted->at[0], $at[1] + $fitted->at[1]],
            $snag->message,
            $snag->cures,
        );
    }

    /**
     * Gaps between elements of one film: the hook has to get in there too.
     *
     * @param list<array{Element, Fitted, Film}> $elements
     *
     * @return list<array{Snag, int}>
     */
    private function nearEachOther(array $elements, Usage $use): array
    {
        $snags = [];
        foreach ($elements as $nth => [, $fitted, $film]) {
            $limit = $film->limits($this->rules)->in($use, $this->rules)->gap;
            foreach (\array_slice($elements, 0, $nth) as $below => [, $other, $same]) {
                if ($film !== $same) {
                    continue;
                }
                $apart = Geos::distance(self::laid($fitted), self::laid($other));
                if ($apart > 0 && $apart < $limit) {
                    $at = self::laid($fitted)->box();
                    $snags[] = [
                        new Snag(
                            'tight-gap',
                            Snag::WARN,
                            $limit,
                            (int) round($apart),
                            [intdiv($at->left + $at->right, 2), intdiv($at->top + $at->bottom, 2)],
                            'It comes nearer to element '.($below + 1).' than the film between comes out clean.',
                            [['do' => 'move', 'by' => $limit - (int) round($apart)]],
                        ),
                        $nth,
                    ];
                }
            }
        }

        return $snags;
    }

    /**
     * @param list<array{Element, Fitted, Film}> $elements
     *
     * @return list<array{Snag, int}>
     */
    private function overlaps(array $elements): array
    {
        $snags = [];
        foreach ($elements as $nth => [$element, $fitted, $film]) {
            foreach ($element->over ? [] : \array_slice($elements, 0, $nth) as $below => [, $other, $under]) {
                $common = $film === $under
                    ? Region::none()
                    : Geos::intersection(self::laid($fitted), self::laid($other));
                if ($common->isEmpty() || $common->area() <= 0) {
                    continue;
                }
                $box = $common->box();
                $snags[] = [
                    new Snag(
                        self::OVERLAP,
                        Snag::STOP,
                        0,
                        min($box->width(), $box->height()),
                        [intdiv($box->left + $box->right, 2), intdiv($box->top + $box->bottom, 2)],
                        'It meets element '.
                            ($below + 1).
                            ', which is of another film. Move it, or say that it lies on top.',
                        [['do' => 'move', 'by' => min($box->width(), $box->height())], ['do' => 'over']],
                    ),
                    $nth,
                ];
            }
        }

        return $snags;
    }
}
