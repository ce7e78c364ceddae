<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/**
 * A convex area as the half planes that bound it: x·nx + y·ny ≤ reach, with unit normals,
 * in µm. An inset moves every half plane in, which is the true inset of a convex area.
 */
final readonly class ConvexArea implements Room
{
    /** How far the sides may stand off a true curve, µm. */
    private const ARC_ERROR = 2.0;

    /** @param list<array{float, float, float}> $sides nx, ny, reach, sorted by the angle of the normal */
    private function __construct(public array $sides)
    {
    }

    /** @param list<array{float, float, float}> $sides */
    public static function within(array $sides): self
    {
        usort($sides, static fn (array $a, array $b): int => atan2($a[1], $a[0]) <=> atan2($b[1], $b[0]));

        return new self($sides);
    }

    /** Round all of it, µm. */
    public static function box(Box $box): self
    {
        return self::within([
            [1.0, 0.0, $box->right],
            [-1.0, 0.0, -$box->left],
            [0.0, 1.0, $box->bottom],
            [0.0, -1.0, -$box->top],
        ]);
    }

    /**
     * The area every point of which has the given distance to an ellipse's edge, seen from
     * so many directions that it stands off the true curve by under 2 µm.
     */
    public static function ellipse(float $cx, float $cy, float $rx, float $ry): self
    {
        $widest = max($rx, $ry);
        $directions = 4 * (int) ceil(\M_PI / 4 / acos(1 - min(0.5, self::ARC_ERROR / max($widest, 4.0))));
        $directions = max(64, min(2880, $directions));
        $sides = [];
        for ($i = 0; $i < $directions; ++$i) {
            $nx = cos((2 * \M_PI * $i) / $directions);
            $ny = sin((2 * \M_PI * $i) / $directions);
            $sides[] = [$nx, $ny, $nx * $cx + $ny * $cy + hypot($rx * $nx, $ry * $ny)];
        }

        return self::within($sides);
    }

    /**
     * What a convex polygon covers.
     *
     * @param list<array{int|float, int|float}> $corners clockwise on screen (y down), µm
     */
    public static function polygon(array $corners): self
    {
        $sides = [];
        foreach ($corners as $nth => [$ax, $ay]) {
            [$bx, $by] = $corners[($nth + 1) % \count($corners)];
            $long = hypot($bx - $ax, $by - $ay);
            if ($long > 1e-9) {
                $sides[] = [($by - $ay) / $long, -($bx - $ax) / $long, (($by - $ay) * $ax - ($bx - $ax) * $ay) / $long];
            }
        }

        return self::within($sides);
    }

    /**
     * A rectangle with round corners: a smaller rectangle grown by the radius.
     *
     * @param int $radius µm
     */
    public static function rounded(Box $box, int $radius): self
    {
        if ($radius <= 0) {
            return self::box($box);
        }
        $core = $box->grown(-$radius);
        $rim = self::ellipse(0, 0, $radius, $radius);

        return new self(
            array_map(
                static fn (array $side): array => [
                    $side[0],
                    $side[1],
                    $side[2] +
                    max($side[0] * $core->left, $side[0] * $core->right) +
                    max($side[1] * $core->top, $side[1] * $core->bottom),
                ],
                $rim->sides,
            ),
        );
    }

    /** The area both share. */
    public function and(self $other): self
    {
        return self::within([...$this->sides, ...$other->sides]);
    }

    public function isConvex(): bool
    {
        return true;
    }

    public function inset(int|float $by): self
    {
        return new self(array_map(
            static fn (array $side): array => [$side[0], $side[1], $side[2] - $by],
            $this->sides,
        ));
    }

    public function without(Region $keepOut): Room
    {
        $region = $this->region();

        return Geos::intersection($region, $keepOut)->isEmpty() ? $this : (new OutlineArea($region))->without($keepOut);
    }

    public function largest(Region $shape, bool $roughly = false): Largest
    {
        return new LargestScale($this, Hull::ofRegion($shape));
    }

    public function holds(Region $shape, array $at): bool
    {
        foreach (Hull::ofRegion($shape)->corners as [$x, $y]) {
            if ($this->depth($x + $at[0], $y + $at[1]) < -1) {
                return false;
            }
        }

        return true;
    }

    /** How far inside (positive) or outside (negative) a point lies, µm. */
    public function depth(float $x, float $y): float
    {
        $least = \INF;
        foreach ($this->sides as [$nx, $ny, $reach]) {
            $least = min($least, $reach - $nx * $x - $ny * $y);
        }

        return $least;
    }

    /** The corners in whole µm; nothing where the half planes leave no room. */
    public function region(): Region
    {
        $corners = $this->corners();
        if (\count($corners) < 3) {
            return Region::none();
        }

        return Winding::region([
            array_map(static fn (array $corner): array => [(int) round($corner[0]), (int) round($corner[1])], $corners),
        ]);
    }

    /**
     * Half planes sorted by angle, each new one cutting off what the former left.
     *
     * @return list<array{float, float}>
     */
    private function corners(): array
    {
        $kept = $this->bounding();
        if (\count($kept) < 3) {
            return [];
        }
        $corners = [];
        foreach ($kept as $nth => $side) {
            $corner = self::meet($side, $kept[($nth + 1) % \count($kept)]);
            if (null === $corner) {
                return [];
            }
            $corners[] = $corner;
        }
        $middle = [
            array_sum(array_column($corners, 0)) / \count($corners),
            array_sum(array_column($corners, 1)) / \count($corners),
        ];

        return $this->depth(...$middle) > 0 ? $corners : [];
    }

    /** @return list<array{float, float, float}> sides that bound it, in order; the others lie beyond */
    private function bounding(): array
    {
        $kept = [];
        foreach ($this->sides as $side) {
            if (
                [] !== $kept
                && abs($side[0] - $kept[\count($kept) - 1][0]) < 1e-12
                && abs($side[1] - $kept[\count($kept) - 1][1]) < 1e-12
            ) {
                if ($side[2] >= $kept[\count($kept) - 1][2]) {
                    continue;
                }
                array_pop($kept);
            }
            while (
                \count($kept) >= 2
                && self::beyond($side, self::meet($kept[\count($kept) - 1], $kept[\count($kept) - 2]))
            ) {
                array_pop($kept);
            }
            while (\count($kept) >= 2 && self::beyond($side, self::meet($kept[0], $kept[1]))) {
                array_shift($kept);
            }
            $kept[] = $side;
        }
        while (
            \count($kept) > 2
            && self::beyond($kept[0], self::meet($kept[\count($kept) - 1], $kept[\count($kept) - 2]))
        ) {
            array_pop($kept);
        }

        return $kept;
    }

    /**
     * @param array{float, float, float}  $side
     * @param array{float, float}|null $point
     */
    private static function beyond(array $side, ?array $point): bool
    {
        return null !== $point && $side[0] * $point[0] + $side[1] * $point[1] > $side[2] + 1e-9;
    }

    /**
     * @param array{float, float, float} $one
     * @param array{float, float, float} $other
     *
     * @return array{float, float}|null
     */
    private static function meet(array $one, array $other): ?array
    {
        $cross = $one[0] * $other[1] - $one[1] * $other[0];
        if (abs($cross) < 1e-12) {
            return null;
        }

        return [
            ($one[2] * $other[1] - $other[2] * $one[1]) / $cross,
            ($one[0] * $other[2] - $other[0] * $one[2]) / $cross,
        ];
    }
}
