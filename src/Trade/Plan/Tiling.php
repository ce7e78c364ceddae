<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Geometry\Box;

/**
 * A drawing that is larger than the paper, over several pages that overlap, with crosses in the overlaps to lay them on
 * each other by. Source: handbook section 11.
 */
final readonly class Tiling
{
    /**
     * @param int                   $columns pages across
     * @param int                   $rows    pages down
     * @param list<Box>             $pages   what each shows, row by row, all of one size, µm
     * @param list<array{int, int}> $crosses in the overlaps, µm
     */
    private function __construct(
        public int $columns,
        public int $rows,
        public array $pages,
        public array $crosses,
    ) {
    }

    /**
     * As few pages as can be, the drawing in their middle.
     *
     * @param int $wide    of a page that can be printed on, µm
     * @param int $high    of it
     * @param int $overlap of pages beside and below each other, µm
     */
    public static function of(Box $frame, int $wide, int $high, int $overlap): self
    {
        $columns = self::many($frame->width(), $wide, $overlap);
        $rows = self::many($frame->height(), $high, $overlap);
        $left = $frame->left - intdiv($columns * $wide - ($columns - 1) * $overlap - $frame->width(), 2);
        $top = $frame->top - intdiv($rows * $high - ($rows - 1) * $overlap - $frame->height(), 2);
        $pages = [];
        $crosses = [];
        for ($row = 0; $row < $rows; ++$row) {
            for ($column = 0; $column < $columns; ++$column) {
                $x = $left + $column * ($wide - $overlap);
                $y = $top + $row * ($high - $overlap);
                $pages[] = new Box($x, $y, $x + $wide, $y + $high);
                if ($column > 0) {
                    $at = $x + intdiv($overlap, 2);
                    array_push($crosses, [$at, $y + intdiv($high, 4)], [$at, $y + intdiv(3 * $high, 4)]);
                }
                if ($row > 0) {
                    $at = $y + intdiv($overlap, 2);
                    array_push($crosses, [$x + intdiv($wide, 4), $at], [$x + intdiv(3 * $wide, 4), $at]);
                }
            }
        }

        return new self($columns, $rows, $pages, $crosses);
    }

    private static function many(int $length, int $page, int $overlap): int
    {
        return $length <= $page ? 1 : (int) ceil(($length - $overlap) / ($page - $overlap));
    }
}
