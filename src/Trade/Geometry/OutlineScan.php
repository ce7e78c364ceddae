<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/**
 * Walks the outlines of a region over a grid. A run is its first and last column, both included.
 *
 * @phpstan-type Run array{int, int}
 */
final class OutlineScan
{
    /** Of a cell: how near a grid line a point still counts as on it. */
    public const TOUCH = 1e-6;

    private function __construct()
    {
    }

    /**
     * Walks the outlines: the cells they touch, and the spans between them at half height of each row.
     *
     * @return array{edge: array<int, list<Run>>, inside: array<int, list<array{float, float}>>}
     */
    public static function scan(Region $region, float $by, int $left, int $top): array
    {
        $edge = $crossings = $inside = [];
        foreach ($region->rings() as $ring) {
            [$px, $py] = $ring[\count($ring) - 1];
            $px = ($px - $left) * $by;
            $py = ($py - $top) * $by;
            foreach ($ring as [$x, $y]) {
                $qx = ($x - $left) * $by;
                $qy = ($y - $top) * $by;
                self::edge($edge, $px, $py, $qx, $qy);
                for ($row = (int) ceil(min($py, $qy) - 0.5), $end = max($py, $qy) - 0.5; $row < $end; ++$row) {
                    $crossings[$row][] = $px + (($row + 0.5 - $py) * ($qx - $px)) / ($qy - $py);
                }
                [$px, $py] = [$qx, $qy];
            }
        }
        foreach ($crossings as $row => $xs) {
            sort($xs);
            for ($i = 1; $i < \count($xs); $i += 2) {
                $inside[$row][] = [$xs[$i - 1], $xs[$i]];
            }
        }

        return ['edge' => $edge, 'inside' => $inside];
    }

    /** @param array<int, list<Run>> $cells */
    private static function edge(array &$cells, float $px, float $py, float $qx, float $qy): void
    {
        if ($py > $qy) {
            [$px, $py, $qx, $qy] = [$qx, $qy, $px, $py];
        }
        $first = (int) floor($py + self::TOUCH);
        // An edge along a grid line touches no cell on either side.
        $last = (int) ceil($qy - self::TOUCH) - 1;
        $slope = $qy - $py > 1e-12 ? ($qx - $px) / ($qy - $py) : 0.0;
        for ($row = $first; $row <= $last; ++$row) {
            $a = $row <= $py || 0.0 === $slope ? $px : $px + ($row - $py) * $slope;
            $b = $row + 1 >= $qy || 0.0 === $slope ? $qx : $px + ($row + 1 - $py) * $slope;
            $cells[$row][] = [(int) floor(min($a, $b) + self::TOUCH), (int) ceil(max($a, $b) - self::TOUCH) - 1];
        }
    }
}
