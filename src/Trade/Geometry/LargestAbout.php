<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/**
 * The largest size of a shape in a convex area, the middle of its box at a point: every side of the area says by itself
 * how large that is. Source: handbook section 3, "First sizes".
 */
final readonly class LargestAbout implements Largest
{
    /** Of the scale: what rounding to the grid may add. */
    private const GRACE = 1e-6;

    private float $scale;
    private float $x;
    private float $y;
    /** From the point of the shape that goes to the anchor up to the middle of its box, at a scale of one. */
    private float $up;

    public function __construct(ConvexArea $area, Hull $hull, Anchor $anchor)
    {
        [$this->x, $this->y] = [$anchor->x, (float) $anchor->y];
        [$mx, $my] = $hull->middle();
        $this->up = $anchor->lean * $hull->height();
        $my += $this->up;
        $most = \INF;
        foreach ($hull->reaches($area->sides) as $nth => $reach) {
            [$nx, $ny, $limit] = $area->sides[$nth];
            $reach -= $nx * $mx + $ny * $my;
            $free = $limit - $nx * $this->x - $ny * $this->y;
            $most = match (true) {
                $free <= 0 => 0.0,
                $reach > 0 => min($most, $free / $reach),
                default => $most,
            };
        }
        $this->scale = is_finite($most) ? $most : 0.0;
    }

    public function scale(): float
    {
        return $this->scale;
    }

    /** @param float $scale of the size it was tried at */
    public function middle(float $scale, array $wanted): ?array
    {
        return $scale > $this->scale * (1 + self::GRACE) ? null : [$this->x, $this->y - $scale * $this->up];
    }
}
