<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/**
 * The largest size at which a shape still lies in a convex area, and where it then lies.
 *
 * A shape of scale s moved by t is inside when s·reach(n) + n·t ≤ d for every side of the
 * area: a linear programme in three unknowns, solved exactly.
 *
 * Source: handbook section 4, "Fit".
 */
final class LargestScale implements Largest
{
    /** µm: a side that leans by a hair does not pin a shape that is tight against it. */
    private const GRACE = 0.5;

    /** @var list<array{float, float, float, float}> nx, ny, room, reach of the shape */
    private readonly array $rows;
    /**
     * @var list<array{float, float, float, float}> the box round the area: bounds the first step whatever the sides are
     */
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
        return array_map(
            fn (array $side, float $reach): array => [
                $side[0],
                $side[1],
                (float) $side[2],
                $reach - $side[0] * $this->middleX - $side[1] * $this->middleY,
            ],
            $area->sides,
            $hull->reaches($area->sides),
        );
    }

    public function scale(): float
    {
        return max(0.0, $this->best()[0]);
    }

    /** @param float $scale of the size it was tried at */
    public function middle(float $scale, array $wanted): ?array
    {
        [$most, $x, $y] = $this->best();
        if ($scale > $most * (1 + 1e-9)) {
            return null;
        }
        // Straight there as far as that goes, then along each axis: what is tight one way may be free the other.
        [$x, $y] = $this->towards($scale, [$x, $y], $wanted);
        [$x, $y] = $this->towards($scale, [$x, $y], [$x, $wanted[1]]);

        return $this->towards($scale, [$x, $y], [$wanted[0], $y]);
    }

    /**
     * @param array{float, float} $from
     * @param array{float, float} $to
     *
     * @return array{float, float}
     */
    private function towards(float $scale, array $from, array $to): array
    {
        $share = 1.0;
        foreach ($this->rows as [$nx, $ny, $room, $reach]) {
            $free = $room - $scale * $reach;
            $now = $free - $nx * $from[0] - $ny * $from[1];
            $then = $free - $nx * $to[0] - $ny * $to[1];
            if ($then < -self::GRACE && $then < $now) {
                $share = min($share, (max(0.0, $now) + self::GRACE) / (max(0.0, $now) + self::GRACE - $then));
            }
        }

        return [$from[0] + $share * ($to[0] - $from[0]), $from[1] + $share * ($to[1] - $from[1])];
    }

    /** @return array{float, float, float} */
    private function best(): array
    {
        return $this->best ??= (new ScaleProgramme($this->rows, $this->frame))->solve();
    }
}
