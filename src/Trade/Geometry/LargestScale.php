<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/**
 * The largest size at which a shape still lies in a convex area, and where it then lies.
 *
 * A shape of scale s moved by t is inside when s·reach(n) + n·t ≤ d for every side of the
 * area: a linear programme in three unknowns, solved exactly. It adds the side most violated
 * until none is, and forgets those that do not bind whenever the scale has come down.
 *
 * Source: handbook section 4, "Fit".
 */
final class LargestScale
{
    private const MOST_ROUNDS = 200;

    /** @var list<array{float, float, float, float}> nx, ny, room, reach of the shape */
    private readonly array $rows;
    /** @var list<array{float, float, float, float}> the box round the area: bounds the first step whatever the sides are */
    private readonly array $frame;
    private readonly float $middleX;
    private readonly float $middleY;

    /** @var array{float, float, float}|null scale and the middle of the box, µm */
    private ?array $best = null;

    public function __construct(ConvexArea $area, Hull $hull)
    {
        [$this->middleX, $this->middleY] = $hull->middle();
        $this->rows = $this->rows($area, $hull);
        $region = $area->region();
        $box = $region->isEmpty() ? Box::sized(0, 0) : $region->box();
        $this->frame = $this->rows(ConvexArea::box($box->grown(1)), $hull);
    }

    /** @return list<array{float, float, float, float}> */
    private function rows(ConvexArea $area, Hull $hull): array
    {
        return array_map(fn (array $side, float $reach): array => [
            $side[0], $side[1], (float) $side[2], $reach - $side[0] * $this->middleX - $side[1] * $this->middleY,
        ], $area->sides, $hull->reaches($area->sides));
    }

    /** The scale, or 0 where the area has no room at all. */
    public function scale(): float
    {
        return max(0.0, $this->best()[0]);
    }

    /**
     * Where the middle of the shape's box goes at a scale it fits at: as near to the middle
     * that is wanted as there is room.
     *
     * @param array{float, float} $wanted µm
     *
     * @return array{float, float}|null nothing where it does not fit
     */
    public function middle(float $scale, array $wanted): ?array
    {
        [$most, $x, $y] = $this->best();
        if ($scale > $most * (1 + 1e-9)) {
            return null;
        }
        $share = 1.0;
        foreach ($this->rows as [$nx, $ny, $room, $reach]) {
            $free = $room - $scale * $reach;
            $now = $free - $nx * $x - $ny * $y;
            $then = $free - $nx * $wanted[0] - $ny * $wanted[1];
            if ($then < 0) {
                $share = min($share, max(0.0, $now) / max(1e-9, max(0.0, $now) - $then));
            }
        }

        return [$x + $share * ($wanted[0] - $x), $y + $share * ($wanted[1] - $y)];
    }

    /** @return array{float, float, float} */
    private function best(): array
    {
        return $this->best ??= $this->search();
    }

    /** @return array{float, float, float} */
    private function search(): array
    {
        $binding = $this->frame;
        $best = [0.0, 0.0, 0.0];
        $last = \INF;
        for ($round = 0; $round < self::MOST_ROUNDS; ++$round) {
            [$best, $tight] = $this->solve($binding);
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
     * @param list<array{float, float, float, float}> $rows
     *
     * @return array{array{float, float, float}, list<array{float, float, float, float}>}
     */
    private function solve(array $rows): array
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
     * @param list<array{float, float, float, float}> $rows
     * @param array{float, float, float}              $corner
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
     * @param array{float, float, float, float} $a
     * @param array{float, float, float, float} $b
     * @param array{float, float, float, float} $c
     *
     * @return array{float, float, float}|null
     */
    private static function corner(array $a, array $b, array $c): ?array
    {
        $det = static fn (array $p, array $q, array $r): float => $p[0] * ($q[1] * $r[2] - $q[2] * $r[1]) - $p[1] * ($q[0] * $r[2] - $q[2] * $r[0]) + $p[2] * ($q[0] * $r[1] - $q[1] * $r[0]);
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
