<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/**
 * A linear programme in three unknowns: the largest scale s, and a move (x, y), with
 * s·reach + nx·x + ny·y ≤ room for every row.
 *
 * Solved exactly by adding the row most violated until none is, and forgetting those that do
 * not bind whenever the scale has come down. A few rows, the frame, bound the first step.
 *
 * @phpstan-type Row array{float, float, float, float}
 */
final readonly class ScaleProgramme
{
    private const MOST_ROUNDS = 200;

    /**
     * @param list<Row> $rows  nx, ny, room, reach
     * @param list<Row> $frame rows that bound scale and move by themselves
     */
    public function __construct(private array $rows, private array $frame)
    {
    }

    /** @return array{float, float, float} scale, x, y; the scale is negative where nothing fits */
    public function solve(): array
    {
        $binding = $this->frame;
        $best = [0.0, 0.0, 0.0];
        $last = \INF;
        for ($round = 0; $round < self::MOST_ROUNDS; ++$round) {
            [$best, $tight] = self::corners($binding);
            if ($best[0] < $last * (1 - 1e-12)) {
                $binding = [...$this->frame, ...$tight];
                $last = $best[0];
            }
            $worst = -1e-3;
            $add = null;
            foreach ($this->rows as $row) {
                $slack = $row[2] - $best[0] * $row[3] - $row[0] * $best[1] - $row[1] * $best[2];
                if ($slack < $worst) {
                    $worst = $slack;
                    $add = $row;
                }
            }
            if (null === $add) {
                break;
            }
            $binding[] = $add;
        }

        return $best;
    }

    /**
     * The best corner of a handful of half spaces, by trying every three of them.
     *
     * @param list<Row> $rows
     *
     * @return array{array{float, float, float}, list<Row>}
     */
    private static function corners(array $rows): array
    {
        $best = [-\INF, 0.0, 0.0];
        $tight = [];
        $count = \count($rows);
        for ($i = 0; $i < $count; ++$i) {
            for ($j = $i + 1; $j < $count; ++$j) {
                for ($k = $j + 1; $k < $count; ++$k) {
                    $corner = self::corner($rows[$i], $rows[$j], $rows[$k]);
                    if (null !== $corner && $corner[0] > $best[0] && self::allows($rows, $corner)) {
                        $best = $corner;
                        $tight = [$rows[$i], $rows[$j], $rows[$k]];
                    }
                }
            }
        }

        return [is_finite($best[0]) ? $best : [0.0, 0.0, 0.0], $tight];
    }

    /**
     * @param list<Row>                  $rows
     * @param array{float, float, float} $corner
     */
    private static function allows(array $rows, array $corner): bool
    {
        foreach ($rows as $row) {
            if ($corner[0] * $row[3] + $row[0] * $corner[1] + $row[1] * $corner[2] > $row[2] + 1e-4) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param Row $a
     * @param Row $b
     * @param Row $c
     *
     * @return array{float, float, float}|null
     */
    private static function corner(array $a, array $b, array $c): ?array
    {
        $det = static fn (array $p, array $q, array $r): float => $p[0] * ($q[1] * $r[2] - $q[2] * $r[1]) -
            $p[1] * ($q[0] * $r[2] - $q[2] * $r[0]) +
            $p[2] * ($q[0] * $r[1] - $q[1] * $r[0]);
        $under = $det([$a[3], $a[0], $a[1]], [$b[3], $b[0], $b[1]], [$c[3], $c[0], $c[1]]);
        $size = (abs($a[3]) + 1) * 1e-9;
        if (abs($under) < $size) {
            return null;
        }

        return [
            $det([$a[2], $a[0], $a[1]], [$b[2], $b[0], $b[1]], [$c[2], $c[0], $c[1]]) / $under,
            $det([$a[3], $a[2], $a[1]], [$b[3], $b[2], $b[1]], [$c[3], $c[2], $c[1]]) / $under,
            $det([$a[3], $a[0], $a[2]], [$b[3], $b[0], $b[2]], [$c[3], $c[0], $c[2]]) / $under,
        ];
    }
}
