<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/**
 * The largest circle that fits in a region.
 *
 * Shrinking the region until it vanishes finds the radius roughly and the last place left;
 * from there a climb by the true distance to the outline makes it exact.
 */
final readonly class Inscribed
{
    /** Of the radius: where shrinking hands over to climbing. */
    private const ROUGHLY = 0.02;

    private function __construct(public float $x, public float $y, public float $radius)
    {
    }

    /** @param int $precision µm to which the climb goes */
    public static function in(Region $region, int $precision = 10): self
    {
        $box = $region->box();
        $known = 0;
        $vanished = intdiv(min($box->width(), $box->height()), 2) + 2;
        $left = $region;
        while ($vanished - $known > max($precision, (int) ($vanished * self::ROUGHLY))) {
            $try = intdiv($known + $vanished, 2);
            $shrunk = Geos::grow($left, $known - $try);
            if ($shrunk->isEmpty()) {
                $vanished = $try;
            } else {
                $known = $try;
                $left = $shrunk;
            }
        }

        return self::climb(
            $region->rings(),
            Geos::pointInside($left),
            2.0 * ($vanished - $known) + $precision,
            $precision,
        );
    }

    /** How deep a point lies inside a region, µm; negative outside. */
    public static function depth(Region $region, float $x, float $y): float
    {
        return self::at($region->rings(), $x, $y)->radius;
    }

    /** In mm. */
    public function across(): float
    {
        return round((2 * $this->radius) / 1000, 3);
    }

    /**
     * @param list<list<array{int, int}>> $rings
     * @param array{float, float}         $from
     */
    private static function climb(array $rings, array $from, float $step, int $precision): self
    {
        $best = self::at($rings, ...$from);
        while ($step > $precision / 4) {
            $better = $best;
            foreach (
                [[1, 0], [-1, 0], [0, 1], [0, -1], [0.7, 0.7], [-0.7, 0.7], [0.7, -0.7], [-0.7, -0.7]] as [$dx, $dy]
            ) {
                $next = self::at($rings, $best->x + $dx * $step, $best->y + $dy * $step);
                $better = $next->radius > $better->radius ? $next : $better;
            }
            if ($better === $best) {
                $step /= 2;
            }
            $best = $better;
        }

        return $best;
    }

    /** @param list<list<array{int, int}>> $rings */
    private static function at(array $rings, float $x, float $y): self
    {
        $least = \INF;
        $inside = false;
        foreach ($rings as $ring) {
            [$px, $py] = $ring[\count($ring) - 1];
            foreach ($ring as [$qx, $qy]) {
                if ($py > $y !== $qy > $y && $x < (($qx - $px) * ($y - $py)) / ($qy - $py) + $px) {
                    $inside = !$inside;
                }
                $ex = $qx - $px;
                $ey = $qy - $py;
                $t = ($ex * ($x - $px) + $ey * ($y - $py)) / max(1, $ex * $ex + $ey * $ey);
                $t = $t < 0 ? 0 : ($t > 1 ? 1 : $t);
                $dx = $px + $t * $ex - $x;
                $dy = $py + $t * $ey - $y;
                $square = $dx * $dx + $dy * $dy;
                if ($square < $least) {
                    $least = $square;
                }
                [$px, $py] = [$qx, $qy];
            }
        }

        return new self($x, $y, ($inside ? 1 : -1) * sqrt($least));
    }
}
