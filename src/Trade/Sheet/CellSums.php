<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Raster;
use Yelbo\Trade\Geometry\Region;

/** Whether a room of an odd outline holds a box, at once for any box: sums of its whole cells up to each corner. */
final readonly class CellSums
{
    /** µm */
    private const CELL = 1000;

    /** @var list<array{int, int}> of the outline, where boxes are worth trying */
    public array $corners;
    private Box $box;
    /** @var list<list<int>> */
    private array $sums;
    private int $columns;
    private int $rows;

    public function __construct(Region $room)
    {
        $this->box = $room->box();
        $this->corners = array_merge(...$room->rings());
        $raster = Raster::whole($room, self::CELL);
        [$this->columns, $this->rows] = [$raster->columns, $raster->rows];
        $sums = [array_fill(0, $this->columns + 1, 0)];
        foreach ($raster->runs() as $row => $runs) {
            $line = array_fill(0, $this->columns, 0);
            foreach ($runs as [$from, $to]) {
                for ($column = $from; $column <= $to; ++$column) {
                    $line[$column] = 1;
                }
            }
            $sum = [0];
            foreach ($line as $column => $one) {
                $sum[] = $sum[$column] + $one;
            }
            $above = $sums[$row];
            $sums[] = array_map(static fn (int $here, int $over): int => $here + $over, $sum, $above);
        }
        $this->sums = $sums;
    }

    /** Whether all of a box is covered. */
    public function hold(Box $box): bool
    {
        $left = intdiv($box->left - $this->box->left, self::CELL);
        $top = intdiv($box->top - $this->box->top, self::CELL);
        $right = (int) ceil(($box->right - $this->box->left) / self::CELL);
        $bottom = (int) ceil(($box->bottom - $this->box->top) / self::CELL);
        if ($left < 0 || $top < 0 || $right > $this->columns || $bottom > $this->rows) {
            return false;
        }

        return $this->sums[$bottom][$right] -
            $this->sums[$top][$right] -
            $this->sums[$bottom][$left] +
            $this->sums[$top][$left] ===
            ($right - $left) * ($bottom - $top);
    }
}
