<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Box;

/**
 * How much film decals will take, told before any plan is made: between what their boxes take with the gaps round them
 * and what they take laid in rows. Source: handbook section 16, "what pieces waste".
 */
final readonly class FilmEstimate
{
    /** Of the film: nothing is told more finely. */
    private const LEAST_DOUBT = 0.05;

    /**
     * @param float $area  mm²
     * @param float $doubt of it, more or less
     */
    private function __construct(public float $area, public float $doubt)
    {
    }

    /**
     * @param list<array{Box, int}> $boxes   of each decal, and how many of it
     * @param int                   $width   of the film that can be laid on, µm
     * @param int                   $gap     between decals, µm
     * @param float                 $recut   share that is cut again
     * @param bool                  $mayTurn whether decals may be turned
     */
    public static function of(array $boxes, int $width, int $gap, float $recut, bool $mayTurn): self
    {
        $least = 0.0;
        foreach ($boxes as [$box, $count]) {
            $least += $count * (($box->width() + $gap) / 1e3) * (($box->height() + $gap) / 1e3);
        }
        $rows = [self::inRows($boxes, $width, $gap, false)];
        if ($mayTurn) {
            $rows[] = self::inRows($boxes, $width, $gap, true);
        }
        $most = max($least, min($rows));
        $area = ($least + $most) / 2;

        return new self(
            $area * (1 + $recut),
            $area <= 0 ? 0.0 : max(self::LEAST_DOUBT, ($most - $least) / 2 / $area),
        );
    }

    /**
     * The highest first, beside each other as far as the film is wide.
     *
     * @param list<array{Box, int}> $boxes
     *
     * @return float mm²
     */
    private static function inRows(array $boxes, int $width, int $gap, bool $turned): float
    {
        $sides = array_map(
            static fn (array $of): array => $turned
                ? [$of[0]->height() + $gap, $of[0]->width() + $gap, $of[1]]
                : [$of[0]->width() + $gap, $of[0]->height() + $gap, $of[1]],
            $boxes,
        );
        usort($sides, static fn (array $a, array $b): int => $b[1] <=> $a[1]);
        $down = 0;
        $free = 0;
        $area = 0.0;
        foreach ($sides as [$across, $high, $count]) {
            if ($across > $width + $gap) {
                // Cut in panels: it takes its own film.
                $area += ($count * ($across / 1e3) * $high) / 1e3;
                continue;
            }
            // What still fits beside the last row, then rows of its own.
            $beside = min($count, max(0, intdiv($free, max(1, $across))));
            $rest = $count - $beside;
            $each = max(1, intdiv($width + $gap, max(1, $across)));
            $rows = (int) ceil($rest / $each);
            $down += $rows * $high;
            $free = 0 === $rows
                ? $free - $beside * $across
                : $width + $gap - ($rest - ($rows - 1) * $each) * $across;
        }

        return $area + (($width / 1e3) * $down) / 1e3;
    }
}
