<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

/**
 * Moves what was laid out in coarse cells closer together, in finer ones: each piece up as far as it goes, then to
 * one side, up again and to the other, until nothing gains by it. What has then become free takes in what lay on
 * the last sheet. Sheets with pieces that stay are left as they are.
 *
 * The same input always gives the same. Source: handbook section 7.
 *
 * @phpstan-type Laid array{int, float, int, int}
 * @phpstan-type Lying array{
 *     copy: int,
 *     turn: float,
 *     row: int,
 *     column: int,
 *     rows: int,
 *     columns: int,
 *     margin: int,
 *     own: \GMP,
 *     near: \GMP,
 *     far: \GMP,
 * }
 */
final class Compaction
{
    /** So often everything is gone through at most. */
    private const ROUNDS = 6;
    /** µm: one goes no farther at once, so that what is looked at stays small. */
    private const FAR = 20_000;
    /** So often what reaches farthest down is tried farther up. */
    private const LIFTS = 8;
    /** Down and across: up, to the right, up, and back to the left. */
    private const WAYS = [[-1, 0], [0, 1], [-1, 0], [0, -1]];

    private readonly FineSheets $fine;

    /**
     * @param list<NestStock>     $stock
     * @param list<NestPiece>     $copies
     * @param list<int|float> $turns  degrees clockwise
     * @param int             $cell   µm
     */
    public function __construct(
        array $stock,
        private readonly array $copies,
        private readonly Gaps $gaps,
        private readonly array $turns,
        private readonly int $cell,
    ) {
        $this->fine = new FineSheets($stock, $copies, $gaps, $cell);
    }

    /**
     * Takes its time: nothing comes after every piece, what it led to comes last.
     *
     * @param list<array{int, list<Laid>, int|null}> $filled place of the stock, copies with turn and place in µm, all
     *     whole cells from the room's corner, and the sheet whose pieces stay
     *
     * @return \Generator<int, list<array{int, list<Laid>, int|null}>|null>
     */
    public function closer(array $filled): \Generator
    {
        $beds = $lying = [];
        foreach ($filled as $nth => [$of, $laid, $fixed]) {
            $bed = null === $fixed ? $this->fine->bed($of, $laid) : null;
            if (null === $bed) {
                continue;
            }
            $beds[$nth] = $bed;
            $on = [];
            foreach ($laid as [$copy, $turn, $x, $y]) {
                $on[] = $this->fine->lying($bed, $copy, $turn, ...$bed->cell($x, $y));
                yield null;
            }
            $lying[$nth] = yield from $this->pressed($bed, $on);
        }
        $lying = yield from $this->filledUp($beds, $lying);
        $closer = [];
        foreach ($filled as $nth => [$of, $laid, $fixed]) {
            $closer[] = isset($beds[$nth])
                ? [
                    $of,
                    array_map(
                        static fn (array $one): array => [
                            $one['copy'],
                            $one['turn'],
                            ...$beds[$nth]->point($one['row'], $one['column']),
                        ],
                        $lying[$nth],
                    ),
                    $fixed,
                ]
                : [$of, $laid, $fixed];
        }
        yield array_values(
            array_filter($closer, static fn (array $sheet): bool => [] !== $sheet[1] || null !== $sheet[2]),
        );
    }

    /**
     * What lies on the last sheet goes wherever there is room before it, and what reaches farthest down on it goes
     * farther up.
     *
     * @param array<int, SheetRaster>         $beds
     * @param array<int, list<Lying>> $lying by sheet
     *
     * @return \Generator<int, null, mixed, array<int, list<Lying>>>
     */
    private function filledUp(array $beds, array $lying): \Generator
    {
        $last = array_key_last($lying);
        if (null === $last) {
            return $lying;
        }
        $before = $lying[$last];
        $largest = array_map(static fn (array $one): int => -$one['rows'] * $one['columns'], $before);
        asort($largest);
        $stay = $before;
        foreach (array_keys($largest) as $which) {
            foreach (array_keys($lying) as $nth) {
                $to =
                    $nth === $last
                        ? null
                        : $this->moved($beds[$nth], $lying[$nth], $before[$which]['copy'], \PHP_INT_MAX);
                yield null;
                if (null !== $to) {
                    $lying[$nth][] = $to;
                    unset($stay[$which]);
                    break;
                }
            }
        }
        $stay = array_values($stay);
        for ($times = 0; $times < self::LIFTS && \count($stay) > 1; ++$times) {
            $ends = array_map(static fn (array $one): int => $one['row'] + $one['rows'], $stay);
            $lowest = (int) array_search(max($ends), $ends, true);
            $others = array_values(array_diff_key($stay, [$lowest => true]));
            $to = $this->moved($beds[$last], $others, $stay[$lowest]['copy'], max($ends));
            yield null;
            if (null === $to) {
                break;
            }
            $stay = [...$others, $to];
        }
        $lying[$last] = $stay === $before ? $stay : yield from $this->pressed($beds[$last], $stay);

        return $lying;
    }

    /**
     * @param list<Lying> $lying
     * @param int         $above the row it has to end before
     *
     * @return Lying|null a copy at the first place that is free
     */
    private function moved(SheetRaster $bed, array $lying, int $copy, int $above): ?array
    {
        $piece = $this->copies[$copy];
        $taken = $bed->empty;
        foreach ($lying as $other) {
            $taken |=
                $this->fine->kept($piece, $other) <<
                (($other['row'] + $bed->pad - $other['margin']) * $bed->stride +
                    $other['column'] +
                    $bed->pad -
                    $other['margin']);
        }
        $reach = self::depth($lying) + RasterShape::margin($this->gaps->between, $this->cell);
        $best = $spans = null;
        foreach (
            RasterShape::all(
                $piece->region,
                $piece->turns ?? $this->turns,
                $this->gaps->inside,
                $this->gaps->between,
                $this->cell,
                FineSheets::SIMPLE,
            ) as $shape
        ) {
            $at = $bed->first($shape, $spans ??= $bed->spans($taken, $reach), $above);
            if (null !== $at && (null === $best || $at[0] + $shape->rows < $best[1] + $best[0]->rows)) {
                $best = [$shape, ...$at];
                $above = min($above, $at[0] + $shape->rows);
            }
        }

        return null === $best ? null : $this->fine->lying($bed, $copy, $best[0]->turn, $best[1], $best[2]);
    }

    /**
     * @param list<Lying> $lying
     *
     * @return \Generator<int, null, mixed, list<Lying>>
     */
    private function pressed(SheetRaster $bed, array $lying): \Generator
    {
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $before = self::depth($lying);
            foreach (self::WAYS as [$down, $across]) {
                foreach (self::along($lying, $down, $across) as $nth) {
                    $far = $this->free($bed, $lying, $nth, $down, $across);
                    $lying[$nth] =
                        [
                            'row' => $lying[$nth]['row'] + $far * $down,
                            'column' => $lying[$nth]['column'] + $far * $across,
                        ] + $lying[$nth];
                }
                yield null;
            }
            if (self::depth($lying) === $before) {
                break;
            }
        }

        return array_values($lying);
    }

    /** @param list<Lying> $lying */
    private static function depth(array $lying): int
    {
        return max([0, ...array_map(static fn (array $one): int => $one['row'] + $one['rows'], $lying)]);
    }

    /**
     * @param list<Lying> $lying
     *
     * @return list<int> what lies foremost first
     */
    private static function along(array $lying, int $down, int $across): array
    {
        $front = array_map(
            static fn (array $one): int => match (true) {
                0 !== $down => $one['row'],
                $across < 0 => $one['column'],
                default => -$one['column'] - $one['columns'],
            },
            $lying,
        );
        asort($front);

        return array_keys($front);
    }

    /**
     * How many cells one can move before it touches another or leaves the room.
     *
     * @param list<Lying> $lying
     */
    private function free(SheetRaster $bed, array $lying, int $nth, int $down, int $across): int
    {
        $one = $lying[$nth];
        $most = min(
            intdiv(self::FAR, $this->cell),
            match (true) {
                $down < 0 => $one['row'],
                $across < 0 => $one['column'],
                default => $bed->columns - $one['column'] - $one['columns'],
            },
        );
        [$top, $left] = [$one['row'] + min(0, $down * $most), $one['column'] + min(0, $across * $most)];
        [$bottom, $right] = [$one['row'] + $one['rows'], $one['column'] + $one['columns'] + max(0, $across * $most)];
        $taken = $bed->outside($top, $bottom);
        foreach ($lying as $at => $other) {
            $margin = $other['margin'];
            if (
                $at === $nth
                || $other['row'] - $margin >= $bottom
                || $other['row'] + $other['rows'] + $margin <= $top
                || $other['column'] - $margin >= $right
                || $other['column'] + $other['columns'] + $margin <= $left
            ) {
                continue;
            }
            $bits = $this->fine->kept($this->copies[$one['copy']], $other);
            $shift = ($other['row'] - $margin - $top) * $bed->stride + $other['column'] - $margin + $bed->pad;
            $taken |= $shift >= 0 ? $bits << $shift : $bits >> -$shift;
        }
        $start = ($one['row'] - $top) * $bed->stride + $one['column'] + $bed->pad;
        $step = $down * $bed->stride + $across;
        for ($far = 1; $far <= $most; ++$far) {
            if (0 != (($taken >> ($start + $far * $step)) & $one['own'])) {
                break;
            }
        }

        return $far - 1;
    }
}
