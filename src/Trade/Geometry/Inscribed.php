<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/**
 * The largest circle that fits in a region, by halving squares: a square whose middle is
 * d deep cannot hold a point deeper than d + half its diagonal, so most are never looked into.
 */
final readonly class Inscribed
{
    private function __construct(public float $x, public float $y, public float $radius)
    {
    }

    /**
     * @param int $precision µm to which the radius is found
     */
    public static function in(Region $region, int $precision = 20): self
    {
        $rings = $region->rings();
        $box = $region->box();
        $cell = max(1, min($box->width(), $box->height())) / 2;
        $precision = max(1.0, $precision, $cell / 2000);
        $queue = new \SplPriorityQueue();
        $best = self::at($rings, ($box->left + $box->right) / 2, ($box->top + $box->bottom) / 2);
        for ($x = $box->left; $x < $box->right; $x += 2 * $cell) {
            for ($y = $box->top; $y < $box->bottom; $y += 2 * $cell) {
                $middle = self::at($rings, $x + $cell, $y + $cell);
                $best = $middle->radius > $best->radius ? $middle : $best;
                $queue->insert([$middle, $cell], $middle->radius + $cell * M_SQRT2);
            }
        }
        while (!$queue->isEmpty()) {
            /** @var array{self, float} $top */
            $top = $queue->extract();
            [$middle, $half] = $top;
            if ($middle->radius + $half * M_SQRT2 - $best->radius <= $precision) {
                break;
            }
            $half /= 2;
            foreach ([[-1, -1], [1, -1], [-1, 1], [1, 1]] as [$dx, $dy]) {
                $part = self::at($rings, $middle->x + $dx * $half, $middle->y + $dy * $half);
                $best = $part->radius > $best->radius ? $part : $best;
                if ($part->radius + $half * M_SQRT2 - $best->radius > $precision) {
                    $queue->insert([$part, $half], $part->radius + $half * M_SQRT2);
                }
            }
        }

        return $best;
    }

    /** How deep a point lies inside a region, µm; negative outside. */
    public static function depth(Region $region, float $x, float $y): float
    {
        return self::at($region->rings(), $x, $y)->radius;
    }

    /** In mm. */
    public function across(): float
    {
        return round(2 * $this->radius / 1000, 3);
    }

    /** @param list<list<array{int, int}>> $rings */
    private static function at(array $rings, float $x, float $y): self
    {
        $least = \INF;
        $inside = false;
        foreach ($rings as $ring) {
            [$px, $py] = $ring[\count($ring) - 1];
            foreach ($ring as [$qx, $qy]) {
                if (($py > $y) !== ($qy > $y) && $x < ($qx - $px) * ($y - $py) / ($qy - $py) + $px) {
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
