<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;

/**
 * How much film decals will take, told before any plan is made: laid as a plan lays them at first sight, by their
 * outlines on the film there is, each sheet counted over its whole width as far down as it is used. Of many decals as
 * many as are quickly laid stand for all. Source: handbook section 16, "what pieces waste".
 */
final readonly class FilmEstimate
{
    /** So many pieces are laid by their outlines; what that saves over rows of boxes, more of them save too. */
    private const LAID = 24;
    /** Of cells that are quick: of what is found in either the more is told, since a lucky find is no promise. */
    private const CELLS = [1.0, 1.25];
    /** Of the film: plans take so much more or less in nine of ten, docs/benchmarks.md. */
    private const DOUBT = 0.1;

    /**
     * @param float $area  mm²
     * @param float $doubt of it, more or less
     */
    private function __construct(public float $area, public float $doubt)
    {
    }

    /**
     * Told by outlines, as a plan would lay them.
     *
     * @param list<array{Region, int}>  $parts  what is cut, decals or parts of them, each with how many of it
     * @param non-empty-list<NestStock> $stock  kinds of sheets and rolls there are, each as often as it takes; of those
     *     that hold every piece the one that takes least is taken
     * @param list<int>                 $turns  degrees clockwise a piece may be turned by
     * @param float                     $recut  share that is cut again
     */
    public static function of(array $parts, array $stock, Gaps $gaps, array $turns, float $recut): self
    {
        $pieces = [];
        foreach ($parts as $nth => [$region, $count]) {
            $pieces[] = new NestPiece((string) $nth, $region, $count, null, 'one order');
        }
        $boxes = self::boxes($pieces);
        $areas = [];
        foreach (self::holding($stock, $pieces, $gaps, $turns) as $item) {
            $rows = FilmRows::of($boxes, FilmSheet::of($item, $gaps->edge), $gaps->inside, self::ways($turns))[0];
            $areas[] = self::laid($pieces, $item, $gaps, $turns, $rows);
        }

        return new self(min($areas) * (1 + $recut), self::DOUBT);
    }

    /**
     * Told by boxes in rows: quick, for comparing.
     *
     * @param list<array{Box, int}>     $boxes
     * @param non-empty-list<NestStock> $stock
     * @param list<int>                 $turns
     *
     * @return float mm²
     */
    public static function inRows(array $boxes, array $stock, Gaps $gaps, array $turns): float
    {
        $areas = [];
        foreach ($stock as $item) {
            [$area, $inPanels] = FilmRows::of(
                $boxes,
                FilmSheet::of($item, $gaps->edge),
                $gaps->inside,
                self::ways($turns),
            );
            $areas[] = [$inPanels, $area];
        }

        return min($areas)[1];
    }

    /**
     * @param list<NestPiece> $pieces
     * @param list<int>       $turns
     * @param float           $rows  what their boxes take in rows, mm²
     *
     * @return float mm²
     */
    private static function laid(array $pieces, NestStock $item, Gaps $gaps, array $turns, float $rows): float
    {
        $many = array_sum(array_map(static fn (NestPiece $piece): int => $piece->count, $pieces));
        $some = $many <= self::LAID ? $pieces : self::some($pieces, $many);
        $taken = 0.0;
        foreach (self::CELLS as $larger) {
            $length = self::length($some, $item, $gaps, $turns, (int) ($larger * Nest::largeCell($some)));
            if (null === $length) {
                return $rows;
            }
            $taken = max($taken, (($item->outline->box()->width() / 1e3) * $length) / 1e3);
        }
        if ($some === $pieces) {
            return $taken;
        }
        $ofSome = FilmRows::of(
            self::boxes($some),
            FilmSheet::of($item, $gaps->edge),
            $gaps->inside,
            self::ways($turns),
        )[0];

        return $ofSome > 0 ? ($rows * $taken) / $ofSome : $rows;
    }

    /**
     * How far down they lie in cells so large, on all their sheets together, µm; nothing where some find no place.
     *
     * @param list<NestPiece> $pieces
     * @param list<int>       $turns
     */
    private static function length(array $pieces, NestStock $item, Gaps $gaps, array $turns, int $cell): ?int
    {
        $plain = array_map(
            static fn (NestPiece $piece): NestPiece => new NestPiece(
                $piece->id,
                Geos::simplified($piece->region, intdiv($cell, 4)),
                $piece->count,
                $piece->turns,
                $piece->order,
            ),
            $pieces,
        );
        $plan = (new Nest($gaps, $turns, $cell))->plan([$item], $plain);

        return [] === $plan->left
            ? (int) array_sum(array_map(static fn (Sheet $sheet): int => $sheet->length, $plan->sheets))
            : null;
    }

    /**
     * As many as are laid, in about the same shares.
     *
     * @param list<NestPiece> $pieces
     *
     * @return list<NestPiece>
     */
    private static function some(array $pieces, int $many): array
    {
        $some = [];
        $before = 0;
        foreach ($pieces as $piece) {
            $from = (int) round(($before * self::LAID) / $many);
            $before += $piece->count;
            $count = (int) round(($before * self::LAID) / $many) - $from;
            if ($count > 0) {
                $some[] = new NestPiece($piece->id, $piece->region, $count, $piece->turns, $piece->order);
            }
        }

        return $some;
    }

    /**
     * Film that holds each of the pieces by itself; all of it where none does.
     *
     * @param non-empty-list<NestStock> $stock
     * @param list<NestPiece>           $pieces
     * @param list<int>                 $turns
     *
     * @return non-empty-list<NestStock>
     */
    private static function holding(array $stock, array $pieces, Gaps $gaps, array $turns): array
    {
        $mayTurn = [] !== array_filter($turns, static fn (int $turn): bool => 0 !== $turn % 180);
        $holds = static function (NestStock $item) use ($pieces, $gaps, $mayTurn): bool {
            $sheet = FilmSheet::of($item, $gaps->edge);
            foreach ($pieces as $piece) {
                $box = $piece->region->box();
                $fits = $box->width() <= $sheet->across() && $box->height() <= $sheet->down();
                if (!$fits && !($mayTurn && $box->height() <= $sheet->across() && $box->width() <= $sheet->down())) {
                    return false;
                }
            }

            return true;
        };

        return array_values(array_filter($stock, $holds)) ?: $stock;
    }

    /**
     * @param list<int> $turns
     *
     * @return list<string>
     */
    private static function ways(array $turns): array
    {
        return \count($turns) > 1 ? FilmRows::WAYS : [FilmRows::AS_IT_IS];
    }

    /**
     * @param list<NestPiece> $pieces
     *
     * @return list<array{Box, int}>
     */
    private static function boxes(array $pieces): array
    {
        return array_map(static fn (NestPiece $piece): array => [$piece->region->box(), $piece->count], $pieces);
    }
}
