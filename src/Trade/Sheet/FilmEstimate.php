<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Box;

/**
 * How much film decals will take, told before any plan is made: their boxes laid in rows on the film there is, sheet
 * by sheet, each used over its whole width as far down as it is used. A plan by true outlines takes about as much, or
 * less. Source: handbook section 16, "what pieces waste".
 */
final readonly class FilmEstimate
{
    /** Of the film of rows of boxes a plan by true outlines takes so much, by orders made up: docs/benchmarks.md. */
    private const CLOSER = 0.98;
    /** Of the film: nothing is told more finely. */
    private const LEAST_DOUBT = 0.1;

    /**
     * @param float $area  mm²
     * @param float $doubt of it, more or less
     */
    private function __construct(public float $area, public float $doubt)
    {
    }

    /**
     * @param list<array{Box, int}>     $boxes   of each decal, and how many of it
     * @param non-empty-list<FilmSheet> $films   kinds of sheets and rolls there are, in the order in which they are
     *     taken: the first that holds all of it whole
     * @param int                       $gap     between decals, µm
     * @param float                     $recut   share that is cut again
     * @param bool                      $mayTurn whether decals may be turned
     */
    public static function of(array $boxes, array $films, int $gap, float $recut, bool $mayTurn): self
    {
        $least = 0.0;
        foreach ($boxes as [$box, $count]) {
            $least += $count * (($box->width() + $gap) / 1e3) * (($box->height() + $gap) / 1e3);
        }
        $area = 0.0;
        foreach ($films as $film) {
            $laid = array_map(
                static fn (string $way): array => FilmRows::of($boxes, $film, $gap, $way),
                $mayTurn ? FilmRows::WAYS : [FilmRows::AS_IT_IS],
            );
            $whole = array_filter($laid, static fn (array $rows): bool => !$rows[1]);
            $areas = array_column($whole ?: $laid, 0);
            sort($areas);
            $best = $areas[0] ?? 0.0;
            if ([] !== $whole) {
                $area = $best;
                break;
            }
            $area = 0.0 === $area ? $best : min($area, $best);
        }
        $area *= self::CLOSER;

        return new self(
            $area * (1 + $recut),
            $area <= 0 ? 0.0 : max(self::LEAST_DOUBT, ($area - min($area, $least)) / 4 / $area),
        );
    }
}
