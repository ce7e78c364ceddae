<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Raster;
use Yelbo\Trade\Geometry\Region;

/**
 * Stock as cells, with a margin of taken ones all round. What is taken is one large integer that is
 * handed in and out, so that going back to how it was costs nothing.
 */
final class Bed
{
    public readonly int $stride;
    public readonly \GMP $empty;
    /** Cells of the room itself. */
    public readonly int $free;
    private readonly int $pad;
    private readonly int $columns;
    private readonly int $rows;
    private readonly bool $square;

    private function __construct(public readonly Stock $stock, public readonly Region $room, private readonly int $cell, Raster $whole, int $pad)
    {
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
    public static function of(Stock $stock, int $edge, int $cell, int $margin): ?self
    {
        $room = self::room($stock->outline, $edge);

        return null === $room ? null : new self($stock, $room, $cell, Raster::whole($room, $cell), $margin + 1);
    }

    /** The stock less its edge. */
    public static function room(Region $outline, int $edge): ?Region
    {
        $box = $outline->box();
        if (1 === \count($outline->rings()) && abs($outline->area() * 1e6 - (float) $box->width() * $box->height()) < 1) {
            $inner = $box->grown(-$edge);

            return $inner->width() <= 0 || $inner->height() <= 0 ? null : $inner->region();
        }
        $room = 0 === $edge ? $outline : Geos::grow($outline, -$edge - Shape::slack($edge));

        return $room->isEmpty() ? null : $room;
    }

    /**
     * Where any of so many cells to the right is taken: number k of the list looks 2^k far.
     *
     * @param int $reach rows that matter; below them everything is free, which is so of a rectangle only
     *
     * @return non-empty-list<\GMP>
     */
    public function spans(\GMP $taken, int $reach): array
    {
        if ($this->square && $reach < $this->rows) {
            // Below that only the margins are taken, and columns are looked at where a place is found.
            $taken &= ((gmp_init(1) << (($this->pad + $reach) * $this->stride)) - 1);
        }
        $spans = [$taken];
        for ($long = 1; 2 * $long <= $this->columns; $long *= 2) {
            $last = $spans[\count($spans) - 1];
            $spans[] = $last | ($last >> $long);
        }

        return $spans;
    }

    /**
     * The first free place, from the top down and then from the left.
     *
     * @param non-empty-list<\GMP> $spans
     *
     * @return array{int, int}|null row and column
     */
    public function first(Shape $shape, array $spans): ?array
    {
        if ($shape->columns > $this->columns || $shape->rows > $this->rows) {
            return null;
        }
        $bad = gmp_init(0);
        foreach ($shape->runs as [$row, $from, $to]) {
            $long = $to - $from + 1;
            $step = 0;
            while ((2 << $step) <= $long) {
                ++$step;
            }
            $at = $row * $this->stride;
            $bad |= $spans[$step] >> ($at + $from);
            if ((1 << $step) < $long) {
                $bad |= $spans[$step] >> ($at + $to - (1 << $step) + 1);
            }
        }
        $lastRow = $this->pad + $this->rows - $shape->rows;
        $lastColumn = $this->pad + $this->columns - $shape->columns;
        for ($index = $this->pad * $this->stride + $this->pad;; ++$index) {
            $index = gmp_scan0($bad, $index);
            [$row, $column] = [intdiv($index, $this->stride), $index % $this->stride];
            if ($row > $lastRow) {
                return null;
            }
            if ($column >= $this->pad && $column <= $lastColumn) {
                return [$row - $this->pad, $column - $this->pad];
            }
            if ($column > $lastColumn) {
                $index = ($row + 1) * $this->stride + $this->pad - 1;
            }
        }
    }

    public function take(\GMP $taken, Shape $shape, int $row, int $column): \GMP
    {
        $at = ($row + $this->pad - $shape->margin) * $this->stride + $column + $this->pad - $shape->margin;

        return $taken | ($shape->bits($this->stride) << $at);
    }

    /** @return array{int, int} µm on the stock */
    public function point(int $row, int $column): array
    {
        $box = $this->room->box();

        return [$box->left + $column * $this->cell, $box->top + $row * $this->cell];
    }
}
