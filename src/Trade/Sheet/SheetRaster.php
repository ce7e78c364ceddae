<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Raster;
use Yelbo\Trade\Geometry\Region;

/**
 * Stock as cells, with a margin of taken ones all round. What is taken is one large integer that is
 * handed in and out, so that going back to how it was costs nothing.
 */
final class SheetRaster
{
    /** So many places are looked at before the rest of a shape is asked for too. */
    private const PATIENCE = 120;
    /** Rows of places looked at in one go. */
    private const BAND = 24;

    public readonly int $stride;
    public readonly \GMP $empty;
    /** Cells of the room itself. */
    public readonly int $free;
    /** Cells of the margin on each side. */
    public readonly int $pad;
    public readonly int $columns;
    public readonly int $rows;
    private readonly bool $square;
    /** @var array<int, \GMP> */
    private array $masks = [];

    private function __construct(
        public readonly NestStock $stock,
        public readonly Region $room,
        private readonly int $cell,
        Raster $whole,
        int $pad,
    ) {
        $this->pad = $pad;
        $this->columns = $whole->columns;
        $this->rows = $whole->rows;
        $this->stride = $this->columns + 2 * $pad;
        $this->free = $whole->cells();
        $this->square = $this->free === $whole->columns * $whole->rows;
        $high = $this->rows + 2 * $pad;
        $inside = $whole->bits($this->stride) << ($pad * $this->stride + $pad);
        $this->empty = ((gmp_init(1) << ($this->stride * $high)) - 1) ^ $inside;
    }

    /**
     * @param int   $edge   µm
     * @param int   $cell   µm
     * @param int   $margin cells that the widest shape takes beyond itself
     *
     * @return self|null nothing where the edge leaves no room
     */
    public static function fromStock(NestStock $stock, int $edge, int $cell, int $margin): ?self
    {
        $room = $stock->room($edge);

        return null === $room ? null : new self($stock, $room, $cell, Raster::whole($room, $cell), $margin + 1);
    }

    /**
     * The first free place, from the top down and then from the left. Five of its runs say from which row it is worth
     * looking; from there some of its rows are asked for a band of places at once, and the few left one by one.
     *
     * @param non-empty-list<\GMP> $spans  as this bed gives them
     * @param int                  $bottom it must end above this row
     *
     * @return array{int, int}|null row and column
     */
    public function first(RasterShape $shape, array $spans, int $bottom): ?array
    {
        $last = min($this->rows, $bottom) - $shape->rows;
        if ($shape->columns > $this->columns || $last < 0) {
            return null;
        }
        $hopeless = $this->bad($spans, $shape->strong);
        $row = 0;
        $hopeless >>= $this->pad * $this->stride + $this->pad;
        while (
            $row <= $last && null !== ($row = $this->nextIn($hopeless, $row, 0, $last, $shape->columns)[0] ?? null)
        ) {
            $until = min($last, $row + self::BAND - 1);
            $found = $this->inBand($shape, $spans[0], $row, $until);
            if (null !== $found) {
                return $found;
            }
            $row = $until + 1;
        }

        return null;
    }

    /** @return array{int, int}|null row and column */
    private function inBand(RasterShape $shape, \GMP $taken, int $from, int $until): ?array
    {
        $rows = $until - $from + $shape->rows;
        $mask = $this->masks[$rows] ??= (gmp_init(1) << ($rows * $this->stride)) - 1;
        $away = ($from + $this->pad) * $this->stride + $this->pad;
        $band = [($taken >> $away) & $mask];
        for ($long = 1; 2 * $long <= $shape->widest; $long *= 2) {
            $end = $band[\count($band) - 1];
            $band[] = $end | ($end >> $long);
        }
        $bad = $this->bad($band, $shape->sample);
        $bits = $shape->closed($this->stride);
        $failed = 0;
        $row = $column = 0;
        while (null !== ($at = $this->nextIn($bad, $row, $column, $until - $from, $shape->columns))) {
            [$row, $column] = $at;
            if (0 == (($band[0] >> ($row * $this->stride + $column)) & $bits)) {
                return [$row + $from, $column];
            }
            ++$column;
            if (self::PATIENCE === ++$failed) {
                $bad |= $this->bad($band, $shape->rest);
            }
        }

        return null;
    }

    /** @return array{int, int}|null */
    private function nextIn(\GMP $bad, int $row, int $column, int $last, int $columns): ?array
    {
        $index = $row * $this->stride + $column;
        while (true) {
            $index = gmp_scan0($bad, $index);
            [$row, $column] = [intdiv($index, $this->stride), $index % $this->stride];
            if ($row > $last) {
                return null;
            }
            if ($column <= $this->columns - $columns) {
                return [$row, $column];
            }
            $index = ($row + 1) * $this->stride;
        }
    }

    /**
     * Where any of so many cells to the right is taken: number k of the list looks 2^k far.
     *
     * @param int $reach rows that matter; below them everything is free
     *
     * @return non-empty-list<\GMP>
     */
    public function spans(\GMP $taken, int $reach): array
    {
        if ($this->square && $reach < $this->rows) {
            // Below that only the margins are taken, and columns are looked at where a place is found.
            $taken &= $this->masks[$this->pad + $reach] ??=
                (gmp_init(1) << (($this->pad + $reach) * $this->stride)) - 1;
        }
        $spans = [$taken];
        for ($long = 1; 2 * $long <= $this->columns; $long *= 2) {
            $last = $spans[\count($spans) - 1];
            $spans[] = $last | ($last >> $long);
        }

        return $spans;
    }

    /**
     * Where runs of a shape meet what is taken.
     *
     * @param non-empty-list<\GMP>       $spans
     * @param list<array{int, int, int}> $runs
     */
    private function bad(array $spans, array $runs): \GMP
    {
        $bad = gmp_init(0);
        foreach ($runs as [$row, $from, $to]) {
            $long = $to - $from + 1;
            $step = 0;
            while (2 << $step <= $long) {
                ++$step;
            }
            $at = $row * $this->stride;
            $bad |= $spans[$step] >> ($at + $from);
            if (1 << $step < $long) {
                $bad |= $spans[$step] >> ($at + $to - (1 << $step) + 1);
            }
        }

        return $bad;
    }

    /**
     * The free place nearest to one wanted.
     *
     * @param int $row counted in cells from the top
     * @param int $column counted in cells from the left
     * @param int $within cells
     *
     * @return array{int, int}|null row and column
     */
    public function nearest(RasterShape $shape, \GMP $taken, int $row, int $column, int $within): ?array
    {
        $bad = $this->bad($this->spans($taken, $this->rows), [...$shape->sample, ...$shape->rest]);
        $best = null;
        for ($down = max(0, $row - $within); $down <= min($this->rows - $shape->rows, $row + $within); ++$down) {
            for (
                $across = max(0, $column - $within);
                $across <= min($this->columns - $shape->columns, $column + $within);
                ++$across
            ) {
                $far = ($down - $row) ** 2 + ($across - $column) ** 2;
                if (
                    (null === $best || $far < $best[0])
                    && !gmp_testbit($bad, ($down + $this->pad) * $this->stride + $across + $this->pad)
                ) {
                    $best = [$far, $down, $across];
                }
            }
        }

        return null === $best ? null : [$best[1], $best[2]];
    }

    /**
     * @param int $row counted in cells from the top
     * @param int $column counted in cells from the left
     * @param bool $far for what belongs to another order
     */
    public function take(\GMP $taken, RasterShape $shape, int $row, int $column, bool $far): \GMP
    {
        $at = ($row + $this->pad - $shape->margin) * $this->stride + $column + $this->pad - $shape->margin;

        return $taken | ($shape->bits($this->stride, $far) << $at);
    }

    /**
     * Takes away what it took, and with it what others there took too.
     *
     * @param int $row counted in cells from the top
     * @param int $column counted in cells from the left
     */
    public function give(\GMP $taken, RasterShape $shape, int $row, int $column): \GMP
    {
        $at = ($row + $this->pad - $shape->margin) * $this->stride + $column + $this->pad - $shape->margin;

        return $taken ^ ($taken & ($shape->bits($this->stride, true) << $at));
    }

    /**
     * What of some rows does not belong to the room, the first of them as row 0; of a rectangle nothing but its
     * margins, which are left out.
     *
     * @param int $from row, in cells
     * @param int $until row, in cells
     */
    public function outside(int $from, int $until): \GMP
    {
        if ($this->square) {
            return gmp_init(0);
        }
        $rows = $until - $from;

        return ($this->empty >> (($from + $this->pad) * $this->stride)) &
            ($this->masks[$rows] ??= (gmp_init(1) << ($rows * $this->stride)) - 1);
    }

    /** What an outline touches, wherever it lies. */
    public function takeOutline(\GMP $taken, Region $outline): \GMP
    {
        $box = $this->room->box();
        $raster = Raster::touchedFrom(
            $outline,
            $this->cell,
            $box->left - $this->pad * $this->cell,
            $box->top - $this->pad * $this->cell,
            $this->stride,
            $this->rows + 2 * $this->pad,
        );

        return $taken | $raster->bits($this->stride);
    }

    /** @return array{int, int} row and column of the cell a point of the stock, in µm, lies in */
    public function cell(int $x, int $y): array
    {
        $box = $this->room->box();

        return [(int) floor(($y - $box->top) / $this->cell), (int) floor(($x - $box->left) / $this->cell)];
    }

    /** @return array{int, int} µm on the stock */
    public function point(int $row, int $column): array
    {
        $box = $this->room->box();

        return [$box->left + $column * $this->cell, $box->top + $row * $this->cell];
    }
}
