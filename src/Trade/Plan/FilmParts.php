<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Inscribed;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * What of a film asks for care when it goes on: parts that hang on nothing, parts so wide that air stays under them,
 * parts that lie on a seam. Source: handbook sections 3, 9 and 11.
 */
final readonly class FilmParts
{
    /** Rings that are drawn: more say nothing. */
    private const MOST_RINGS = 4;

    /** @var list<Region> from the left */
    private array $parts;

    /** @param Region $film in the art's own frame, µm */
    public function __construct(Region $film)
    {
        $parts = $film->pieces();
        usort(
            $parts,
            static fn (Region $a, Region $b): int => [$a->box()->left, $a->box()->top] <=> [
                $b->box()->left,
                $b->box()->top,
            ],
        );
        $this->parts = $parts;
    }

    /** Parts that lie inside an opening of another. */
    public function loose(): int
    {
        $loose = 0;
        foreach ($this->parts as $part) {
            foreach ($this->parts as $round) {
                if ($round !== $part && self::isInside($part, $round)) {
                    ++$loose;
                    break;
                }
            }
        }

        return $loose;
    }

    /**
     * @return list<array{int, int, int}> the middle and the radius of the circle in each part that is wide, µm; widest
     *     first
     */
    public function solid(Rules $rules): array
    {
        $over = $rules->micrometres(Rule::BubblesOver);
        $solid = [];
        foreach ($this->parts as $part) {
            if (min($part->box()->width(), $part->box()->height()) <= $over) {
                continue;
            }
            $circle = Inscribed::in($part);
            if (1000 * $circle->across() > $over) {
                $solid[] = [(int) round($circle->x), (int) round($circle->y), (int) round(500 * $circle->across())];
            }
        }
        usort($solid, static fn (array $a, array $b): int => $b[2] <=> $a[2]);

        return \array_slice($solid, 0, self::MOST_RINGS);
    }

    /**
     * @param list<int> $seams where upright seams run, µm
     *
     * @return list<array{int, int, int}> which part from the left, of how many, and on which seam
     */
    public function on(array $seams): array
    {
        $on = [];
        foreach ($seams as $x) {
            foreach ($this->parts as $nth => $part) {
                $box = $part->box();
                if (
                    $box->left < $x
                    && $x < $box->right
                    && !Geos::clipped($part, new Box($x - 1, $box->top, $x + 1, $box->bottom))->isEmpty()
                ) {
                    $on[] = [$nth + 1, \count($this->parts), $x];
                }
            }
        }

        return $on;
    }

    private static function isInside(Region $part, Region $round): bool
    {
        [$in, $out] = [$part->box(), $round->box()];

        return 0 < $round->holes()
            && $out->left < $in->left
            && $in->right < $out->right
            && $out->top < $in->top
            && $in->bottom < $out->bottom
            && Geos::covers($round->filled(), $part);
    }
}
