<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/**
 * Regions as cells of a grid, row by row in runs, on the safe side: a shape takes every cell
 * it touches, a room gives only the cells it holds whole.
 *
 * All places where a shape does not fit come at once: the cells a room does not give are one
 * large integer, and the places in the way are that integer shifted by each run of the shape.
 *
 * A run is its first and last column, both included.
 *
 * @phpstan-import-type Run from OutlineScan
 */
final class Raster
{
    /** @param array<int, list<Run>> $runs by row */
    private function __construct(
        private readonly array $runs,
        public readonly int $columns,
        public readonly int $rows,
    ) {
    }

    /**
     * Every cell a region touches, the grid starting at its box's left top corner.
     *
     * @param float $scale applied to the region first
     * @param float $cell  µm
     */
    public static function touched(Region $region, float $scale, float $cell): self
    {
        $box = $region->box();
        $by = $scale / $cell;

        return self::on(
            $region,
            $by,
            $box->left,
            $box->top,
            max(1, (int) ceil($box->width() * $by - OutlineScan::TOUCH)),
            max(1, (int) ceil($box->height() * $by - OutlineScan::TOUCH)),
        );
    }

    /**
     * Every cell of a grid that a region touches.
     *
     * @param float $cell µm
     * @param int   $left of the grid's first cell, µm
     * @param int   $top  of the grid's first cell, µm
     */
    public static function touchedFrom(Region $region, float $cell, int $left, int $top, int $columns, int $rows): self
    {
        return self::on($region, 1 / $cell, $left, $top, $columns, $rows);
    }

    private static function on(Region $region, float $by, int $left, int $top, int $columns, int $rows): self
    {
        $grid = OutlineScan::scan($region, $by, $left, $top);
        $runs = [];
        for ($row = 0; $row < $rows; ++$row) {
            $all = $grid['edge'][$row] ?? [];
            foreach ($grid['inside'][$row] ?? [] as [$from, $to]) {
                $all[] = [(int) floor($from + OutlineScan::TOUCH), (int) ceil($to - OutlineScan::TOUCH) - 1];
            }
            $runs[$row] = self::merged($all, $columns);
        }

        return new self($runs, $columns, $rows);
    }

    /**
     * Every cell that lies wholly in a region.
     *
     * @param float $cell the side of a cell, µm
     */
    public static function whole(Region $region, float $cell): self
    {
        $box = $region->box();
        $grid = OutlineScan::scan($region, 1 / $cell, $box->left, $box->top);
        $columns = (int) floor($box->width() / $cell + OutlineScan::TOUCH);
        $rows = (int) floor($box->height() / $cell + OutlineScan::TOUCH);
        $runs = [];
        for ($row = 0; $row < $rows; ++$row) {
            $edges = self::merged($grid['edge'][$row] ?? [], $columns);
            $inside = [];
            foreach ($grid['inside'][$row] ?? [] as [$from, $to]) {
                $inside[] = [(int) ceil($from - 0.5), (int) floor($to - 0.5)];
            }
            $runs[$row] = self::less(self::merged($inside, $columns), $edges);
        }

        return new self($runs, $columns, $rows);
    }

    /** @return array<int, list<Run>> by row */
    public function runs(): array
    {
        return $this->runs;
    }

    /** How many cells. */
    public function cells(): int
    {
        return array_sum(
            array_map(
                static fn (array $runs): int => array_sum(
                    array_map(static fn (array $run): int => $run[1] - $run[0] + 1, $runs),
                ),
                $this->runs,
            ),
        );
    }

    /**
     * The cells as one integer, each row so many bits after the one before.
     *
     * @param int $stride bits in a row
     */
    public function bits(int $stride): \GMP
    {
        $rows = [];
        for ($row = $this->rows - 1; $row >= 0; --$row) {
            $line = str_repeat('0', $stride);
            foreach ($this->runs[$row] ?? [] as [$from, $to]) {
                $line = substr_replace($line, str_repeat('1', $to - $from + 1), $stride - 1 - $to, $to - $from + 1);
            }
            $rows[] = $line;
        }

        return gmp_init('0'.implode('', $rows), 2);
    }

    /**
     * The integer of the cells this room does not give, with its spans: number k of the list
     * has a bit set where any of 2^k cells to its right is taken.
     *
     * @return non-empty-list<\GMP>
     */
    public function taken(): array
    {
        $rows = [];
        for ($row = $this->rows - 1; $row >= 0; --$row) {
            $line = str_repeat('1', $this->columns);
            foreach ($this->runs[$row] as [$from, $to]) {
                $line = substr_replace(
                    $line,
                    str_repeat('0', $to - $from + 1),
                    $this->columns - 1 - $to,
                    $to - $from + 1,
                );
            }
            $rows[] = $line;
        }
        $spans = [gmp_init('1'.implode('', $rows), 2)];
        for ($long = 1; 2 * $long <= $this->columns; $long *= 2) {
            $last = $spans[\count($spans) - 1];
            $spans[] = $last | ($last >> $long);
        }

        return $spans;
    }

    /**
     * The places at which a shape lies wholly in this room: by row, a string with `0` where
     * its left top cell may go.
     *
     * @param non-empty-list<\GMP> $taken as this room's `taken()` gives it
     *
     * @return array<int, string>
     */
    public function places(array $taken, self $shape): array
    {
        $free = $this->columns - $shape->columns + 1;
        $last = $this->rows - $shape->rows;
        if ($free <= 0 || $last < 0) {
            return [];
        }
        $bad = gmp_init(0);
        foreach ($shape->runs as $row => $runs) {
            foreach ($runs as [$from, $to]) {
                $step = (int) floor(log($to - $from + 1, 2) + 1e-9);
                $at = $row * $this->columns;
                $bad |= $taken[$step] >> ($at + $from);
                if (1 << $step < $to - $from + 1) {
                    $bad |= $taken[$step] >> ($at + $to - (1 << $step) + 1);
                }
            }
        }
        $bits = strrev(str_pad(gmp_strval($bad, 2), $this->columns * $this->rows + 1, '0', \STR_PAD_LEFT));
        $places = [];
        for ($row = 0; $row <= $last; ++$row) {
            $line = substr($bits, $row * $this->columns, $free);
            if (str_contains($line, '0')) {
                $places[$row] = $line;
            }
        }

        return $places;
    }

    /**
     * @param list<Run> $runs
     *
     * @return list<Run> in order, apart from each other, inside the grid
     */
    private static function merged(array $runs, int $columns): array
    {
        sort($runs);
        $merged = [];
        foreach ($runs as [$from, $to]) {
            $from = max(0, $from);
            $to = min($columns - 1, $to);
            if ($from > $to) {
                continue;
            }
            $last = array_pop($merged);
            if (null !== $last && $from > $last[1] + 1) {
                $merged[] = $last;
                $last = null;
            }
            $merged[] = null === $last ? [$from, $to] : [$last[0], max($last[1], $to)];
        }

        return $merged;
    }

    /**
     * @param list<Run> $runs
     * @param list<Run> $without
     *
     * @return list<Run>
     */
    private static function less(array $runs, array $without): array
    {
        $left = [];
        foreach ($runs as [$from, $to]) {
            foreach ($without as [$a, $b]) {
                if ($b < $from || $a > $to) {
                    continue;
                }
                if ($a > $from) {
                    $left[] = [$from, $a - 1];
                }
                $from = $b + 1;
            }
            if ($from <= $to) {
                $left[] = [$from, $to];
            }
        }

        return $left;
    }
}
