<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/**
 * A flat region with holes, in whole micrometres, y down: what a film layer is made of.
 *
 * It is a list of polygons that do not overlap; a polygon is an outer ring and the rings
 * of its holes; a ring is its corners in order, the first not repeated at the end. Outer
 * rings run one way round and holes the other, so that the even-odd and the non-zero
 * rule fill the same.
 *
 * @phpstan-type Ring list<array{int, int}>
 * @phpstan-type Polygon non-empty-list<Ring>
 */
final readonly class Region
{
    /** @param list<Polygon> $polygons */
    public function __construct(public array $polygons)
    {
    }

    /** Nothing at all. */
    public static function none(): self
    {
        return new self([]);
    }

    /** Whether there is nothing in it. */
    public function isEmpty(): bool
    {
        return [] === $this->polygons;
    }

    /** @return list<Ring> outer rings and holes alike */
    public function rings(): array
    {
        return array_merge(...$this->polygons);
    }

    /** How many corners its outlines have. */
    public function corners(): int
    {
        return array_sum(array_map(count(...), $this->rings()));
    }

    /** @return list<self> one region a connected piece */
    public function pieces(): array
    {
        return array_map(static fn (array $polygon): self => new self([$polygon]), $this->polygons);
    }

    /** The box round it. An empty region has none. */
    public function box(): Box
    {
        if ([] === $this->polygons) {
            throw new \LogicException('An empty region has no box.');
        }
        $left = $top = \PHP_INT_MAX;
        $right = $bottom = \PHP_INT_MIN;
        foreach ($this->polygons as $polygon) {
            foreach ($polygon[0] as [$x, $y]) {
                // Comparing is quicker than asking for the smaller one.
                if ($x < $left) {
                    $left = $x;
                }
                if ($x > $right) {
                    $right = $x;
                }
                if ($y < $top) {
                    $top = $y;
                }
                if ($y > $bottom) {
                    $bottom = $y;
                }
            }
        }

        return new Box($left, $top, $right, $bottom);
    }

    /** Moved so that the top left of its box is the origin. */
    public function atOrigin(): self
    {
        $box = $this->box();

        return $this->moved(-$box->left, -$box->top);
    }

    /** This region moved by so much, µm. */
    public function moved(int $dx, int $dy): self
    {
        $polygons = 0 === $dx && 0 === $dy ? [] : $this->polygons;
        foreach ($polygons as &$polygon) {
            foreach ($polygon as &$ring) {
                foreach ($ring as &$point) {
                    $point = [$point[0] + $dx, $point[1] + $dy];
                }
                unset($point);
            }
            unset($ring);
        }

        return [] === $polygons ? $this : new self($polygons);
    }

    /** Turned clockwise as seen on screen (y down) about the origin. @param float $degrees */
    public function turned(float $degrees): self
    {
        $quarter = fmod(fmod($degrees, 360) + 360, 360);

        return match ($quarter) {
            0.0 => $this,
            90.0 => $this->mapped(static fn (int $x, int $y): array => [-$y, $x]),
            180.0 => $this->mapped(static fn (int $x, int $y): array => [-$x, -$y]),
            270.0 => $this->mapped(static fn (int $x, int $y): array => [$y, -$x]),
            default => Geos::tidy(
                $this->mapped(static function (int $x, int $y) use ($quarter): array {
                    $cos = cos(deg2rad($quarter));
                    $sin = sin(deg2rad($quarter));

                    return [(int) round($x * $cos - $y * $sin), (int) round($x * $sin + $y * $cos)];
                }),
            ),
        };
    }

    /** The box it has once it is turned, without turning it where that is by quarters. */
    public function turnedBox(float $degrees): Box
    {
        $box = $this->box();

        return match (fmod(fmod($degrees, 360) + 360, 360)) {
            0.0 => $box,
            90.0 => new Box(-$box->bottom, $box->left, -$box->top, $box->right),
            180.0 => new Box(-$box->right, -$box->bottom, -$box->left, -$box->top),
            270.0 => new Box($box->top, -$box->right, $box->bottom, -$box->left),
            default => $this->turned($degrees)->box(),
        };
    }

    /** As seen in a mirror, in the same box. */
    public function mirrored(): self
    {
        $box = $this->box();
        $across = $box->left + $box->right;

        return new self(
            array_map(
                static fn (array $polygon): array => array_map(
                    static fn (array $ring): array => array_reverse(
                        array_map(static fn (array $point): array => [$across - $point[0], $point[1]], $ring),
                    ),
                    $polygon,
                ),
                $this->polygons,
            ),
        );
    }

    /**
     * Scaled about the origin; both ways alike, since letters are never stretched (section 4).
     *
     * @param float $factor of its size
     */
    public function scaled(float $factor): self
    {
        return 1.0 === $factor
            ? $this
            : Geos::tidy(
                $this->mapped(
                    static fn (int $x, int $y): array => [(int) round($x * $factor), (int) round($y * $factor)],
                ),
            );
    }

    /**
     * Scaled about the origin and then moved; corners may touch each other where they were rounded.
     *
     * @param float $factor of its size
     * @param float $dx µm
     * @param float $dy µm
     */
    public function put(float $factor, float $dx, float $dy): self
    {
        return $this->mapped(
            static fn (int $x, int $y): array => [(int) round($x * $factor + $dx), (int) round($y * $factor + $dy)],
        );
    }

    /**
     * Stretched along x about the origin: to condense or expand lettering on request (section 4).
     *
     * @param float $factor of its size
     */
    public function widened(float $factor): self
    {
        return 1.0 === $factor
            ? $this
            : Geos::tidy($this->mapped(static fn (int $x, int $y): array => [(int) round($x * $factor), $y]));
    }

    /**
     * Every corner moved by a smooth map that mirrors nothing; long sides get corners on the
     * way, so that they follow it too.
     *
     * @param \Closure(float, float): array{float, float} $map µm to µm
     */
    public function bent(\Closure $map): self
    {
        return Geos::tidy(
            new self(
                array_map(
                    static fn (array $polygon): array => array_map(
                        static fn (array $ring): array => BentRing::of($ring, $map),
                        $polygon,
                    ),
                    $this->polygons,
                ),
            ),
        );
    }

    /** Area in mm². */
    public function area(): float
    {
        $sum = 0.0;
        foreach ($this->polygons as $polygon) {
            foreach ($polygon as $nth => $ring) {
                $sum += (0 === $nth ? 1 : -1) * abs(self::signedArea($ring));
            }
        }

        return $sum / 1e6;
    }

    /** Length of all its outlines in mm: what the knife travels in the film. */
    public function outlineLength(): float
    {
        $sum = 0.0;
        foreach ($this->rings() as $ring) {
            [$px, $py] = $ring[\count($ring) - 1];
            foreach ($ring as [$x, $y]) {
                $sum += hypot($x - $px, $y - $py);
                [$px, $py] = [$x, $y];
            }
        }

        return $sum / 1000;
    }

    /** This region with its holes filled. */
    public function filled(): self
    {
        return new self(array_map(static fn (array $polygon): array => [$polygon[0]], $this->polygons));
    }

    /** How many holes, in all polygons. */
    public function holes(): int
    {
        return array_sum(array_map(static fn (array $polygon): int => \count($polygon) - 1, $this->polygons));
    }

    /**
     * Twice the way round: positive for a ring that runs clockwise on screen (y down). µm².
     *
     * @param list<array{int|float, int|float}> $ring
     */
    public static function signedArea(array $ring): float
    {
        $sum = 0.0;
        [$px, $py] = $ring[\count($ring) - 1];
        foreach ($ring as [$x, $y]) {
            $sum += $px * $y - $x * $py;
            [$px, $py] = [$x, $y];
        }

        return $sum / 2;
    }

    /** @param \Closure(int, int): array{int, int} $move a map that mirrors nothing */
    private function mapped(\Closure $move): self
    {
        $polygons = $this->polygons;
        foreach ($polygons as &$polygon) {
            foreach ($polygon as &$ring) {
                foreach ($ring as &$point) {
                    $point = $move($point[0], $point[1]);
                }
                unset($point);
            }
            unset($ring);
        }

        return new self($polygons);
    }
}
