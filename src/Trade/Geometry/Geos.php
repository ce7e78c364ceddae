<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/**
 * The one place that speaks GEOS: boolean operations on regions, on the micrometre grid.
 */
final class Geos
{
    /** How far a round join may stand off the true arc, in µm. */
    private const ARC_ERROR = 5;
    /** An edge longer than so many times the way round its box runs to and fro. */
    private const RAGGED = 1;

    private function __construct()
    {
    }

    /** @param list<Region> $regions overlapping or not */
    public static function union(array $regions): Region
    {
        $polygons = array_merge(...array_map(static fn (Region $region): array => $region->polygons, $regions));
        if ([] === $polygons) {
            return Region::none();
        }

        return self::back(WellKnownBinary::polygons($polygons)->union());
    }

    /** What lies in the first and not in the second. */
    public static function difference(Region $from, Region $what): Region
    {
        return $from->isEmpty() || $what->isEmpty()
            ? $from
            : self::back(
                self::regular(
                    static fn (\GEOSGeometry $one, \GEOSGeometry $other): \GEOSGeometry => $one->difference($other),
                    $from,
                    $what,
                ),
            );
    }

    /** What lies in both. */
    public static function intersection(Region $one, Region $other): Region
    {
        return $one->isEmpty() || $other->isEmpty()
            ? Region::none()
            : self::back(
                self::regular(
                    static fn (\GEOSGeometry $a, \GEOSGeometry $b): \GEOSGeometry => $a->intersection($b),
                    $one,
                    $other,
                ),
            );
    }

    /** What lies inside a box: quicker than an intersection. */
    public static function clipped(Region $region, Box $box): Region
    {
        return $region->isEmpty()
            ? $region
            : self::back(self::geometry($region)->clipByRect($box->left, $box->top, $box->right, $box->bottom));
    }

    /** Grown by so many µm with round joins; shrunk where the figure is negative. */
    public static function grow(Region $region, int $by): Region
    {
        if ($region->isEmpty() || 0 === $by) {
            return $region;
        }

        return self::back(self::geometry($region)->buffer($by, ['quad_segs' => self::segments($by)]));
    }

    /**
     * Shrunk by so many µm, whatever its edge is like: teeth as of a saw take `grow()` for ever.
     */
    public static function inset(Region $region, int $by): Region
    {
        if ($region->isEmpty() || $by <= 0) {
            return self::grow($region, -$by);
        }
        $geometry = self::geometry($region);
        foreach (self::isRagged($geometry, $region->box()) ? self::steps(-$by) : [-$by] as $step) {
            $geometry = $geometry->buffer($step, ['quad_segs' => self::segments($step)]);
        }

        return self::back($geometry);
    }

    /** Does its edge run to and fro? Each tooth's inset then crosses those of many others, all in one. */
    private static function isRagged(\GEOSGeometry $geometry, Box $box): bool
    {
        return $geometry->length() > self::RAGGED * 2 * ($box->width() + $box->height());
    }

    /**
     * Shrinking by parts is shrinking by their sum: the first ones take the teeth off before they can cross far.
     *
     * @return list<int> µm
     */
    private static function steps(int $by): array
    {
        $steps = array_map(static fn (int $share): int => intdiv($by * $share, 500), [1, 4, 20, 100]);

        return array_values(array_filter([...$steps, $by - array_sum($steps)]));
    }

    /**
     * A region grown, and closed by the same figure: where nothing else may be, and what nothing else can use. Both
     * hold the region, drawn with as few corners as the tolerance allows, for a raster: they may cross themselves by
     * as much. One trip through GEOS for both.
     *
     * @param int $by        µm
     * @param int $far       µm: to grow it by once more, not less than the first
     * @param int $tolerance µm: all are up to four times that larger than they should be, never smaller
     *
     * @return array{Region, Region, Region} closed, grown, grown farther
     */
    public static function spread(Region $region, int $by, int $far, int $tolerance): array
    {
        $wide = $by + 3 * $tolerance;
        $round = ['quad_segs' => self::segments($far + 3 * $tolerance, $tolerance)];
        $simple = self::geometry($region)->simplify($tolerance, true);
        $grown = $simple->buffer($wide, $round);
        $closed = $grown->buffer(2 * $tolerance - $wide, $round);
        $near = WellKnownBinary::region($grown->simplify($tolerance, false));

        return [
            WellKnownBinary::region($closed->simplify($tolerance, false)),
            $near,
            $far === $by
                ? $near
                : WellKnownBinary::region($simple->buffer($far + 3 * $tolerance, $round)->simplify($tolerance, false)),
        ];
    }

    /**
     * What an opening takes away: shrink by a figure, grow back by a hair more, and look at what
     * did not come back. One trip through GEOS for all of it.
     *
     * @param int $half  µm
     * @param int $least µm: what is shorter over its diagonal is left out
     * @param int $enough µm: what is longer is not asked what it touches
     * @param int $touch µm: a part joins what stayed where they are this near
     *
     * @return list<array{Region, int|null}> each part, and how many parts that stayed it touches
     */
    public static function lostByOpening(Region $region, int $half, int $least, int $enough, int $touch): array
    {
        if ($region->isEmpty()) {
            return [];
        }
        $whole = self::geometry($region);
        $opened = $whole
            ->buffer(-$half, ['quad_segs' => self::segments($half)])
            ->buffer($half + 2, ['quad_segs' => self::segments($half)]);
        $stayed = array_map(
            static fn (Region $piece): array => [$piece->box(), self::geometry($piece)],
            self::back($opened)->pieces(),
        );
        $lost = [];
        foreach (self::back($whole->difference($opened))->pieces() as $part) {
            $box = $part->box();
            $long = hypot($box->width(), $box->height());
            if ($long < $least) {
                continue;
            }
            if ($long >= $enough) {
                $lost[] = [$part, null];
                continue;
            }
            $near = $box->grown(2 * $touch);
            $grown = self::geometry($part)->buffer($touch);
            $joins = 0;
            foreach ($stayed as [$of, $piece]) {
                if ($of->overlaps($near)) {
                    $met = $piece->clipByRect($near->left, $near->top, $near->right, $near->bottom);
                    $joins += $met->isEmpty() ? 0 : self::polygons($grown->intersection($met->buffer(0)));
                }
            }
            $lost[] = [$part, $joins];
        }

        return $lost;
    }

    private static function polygons(\GEOSGeometry $geometry): int
    {
        return $geometry->isEmpty()
            ? 0
            : match ($geometry->typeName()) {
                'Polygon' => 1,
                'MultiPolygon' => $geometry->numGeometries(),
                default => \count(self::back($geometry)->polygons),
            };
    }

    /** @param int $error µm: how far a round join may stand off the true arc */
    private static function segments(int $by, int $error = self::ARC_ERROR): int
    {
        return max(4, (int) ceil(\M_PI / 4 / acos(max(0.0, 1 - $error / max(abs($by), 2 * $error)))));
    }

    /** With fewer corners, none of its outlines moved by more than a tolerance in µm: to be looked at, not cut. */
    public static function simplified(Region $region, int $tolerance): Region
    {
        return $region->isEmpty() ? $region : self::back(self::geometry($region)->simplify($tolerance, true));
    }

    /**
     * With no more corners than a tool follows: none of its outlines moves by more than a tolerance in µm. Quick for
     * any number of corners; what is thinner than that may go.
     */
    public static function followed(Region $region, int $tolerance): Region
    {
        if ($region->isEmpty()) {
            return $region;
        }
        $thinned = self::geometry($region)->simplify($tolerance, false);
        $says = $thinned->checkValidity();
        $thinned = self::back($says['valid'] ? $thinned : $thinned->buffer(0));

        return $thinned->isEmpty() ? $region : $thinned;
    }

    /** Does the one hold every point of the other? */
    public static function covers(Region $outer, Region $inner): bool
    {
        return $inner->isEmpty()
            || (!$outer->isEmpty() && self::regular(
                static fn (\GEOSGeometry $one, \GEOSGeometry $other): bool => $one->covers($other),
                $outer,
                $inner,
            ));
    }

    /**
     * What two regions come to; made regular first where GEOS finds that rounding to the grid has laid sides across
     * each other.
     *
     * @template T
     *
     * @param \Closure(\GEOSGeometry, \GEOSGeometry): T $does
     *
     * @return T
     */
    private static function regular(\Closure $does, Region $one, Region $other): mixed
    {
        try {
            return $does(self::geometry($one), self::geometry($other));
        } catch (\Exception) {
            return $does(self::geometry(self::tidy($one)), self::geometry(self::tidy($other)));
        }
    }

    /** The shortest way between two regions, in µm; 0 where they touch. */
    public static function distance(Region $one, Region $other): float
    {
        return self::geometry($one)->distance(self::geometry($other));
    }

    /**
     * Which two of these come nearer to each other than their gap.
     *
     * @param list<Region>           $regions
     * @param \Closure(int, int): int $gap µm, of two by their places in the list
     *
     * @return list<array{int, int}>
     */
    public static function tooNear(array $regions, \Closure $gap): array
    {
        $boxes = array_map(static fn (Region $region): Box => $region->box(), $regions);
        $geometries = [];
        $near = [];
        foreach ($boxes as $nth => $box) {
            for ($other = 0; $other < $nth; ++$other) {
                $apart = $gap($other, $nth);
                if ($apart <= 0 || !$box->grown($apart)->overlaps($boxes[$other])) {
                    continue;
                }
                $one = $geometries[$nth] ??= self::geometry($regions[$nth]);
                $two = $geometries[$other] ??= self::geometry($regions[$other]);
                if ($one->distance($two) < $apart) {
                    $near[] = [$other, $nth];
                }
            }
        }

        return $near;
    }

    /**
     * Does one hold all of these?
     *
     * @param list<Region> $regions
     */
    public static function holdsAll(Region $outer, array $regions): bool
    {
        $room = self::geometry($outer);
        foreach ($regions as $region) {
            if (!$room->covers(self::geometry($region))) {
                return false;
            }
        }

        return true;
    }

    /** A region made regular again after its corners were moved to the grid. */
    public static function tidy(Region $region): Region
    {
        if ($region->isEmpty()) {
            return $region;
        }
        $geometry = self::geometry($region);
        $says = $geometry->checkValidity();

        return $says['valid'] ? $region : self::back($geometry->buffer(0));
    }

    /**
     * Film along lines, as a pen of some width draws them.
     *
     * @param list<array{list<array{float, float}>, bool}> $lines points in µm, and whether the line is closed
     * @param float                                        $width µm
     * @param 'butt'|'round'|'square'                      $cap
     * @param 'miter'|'round'|'bevel'                      $join
     */
    public static function stroked(array $lines, float $width, string $cap, string $join, float $miterLimit): Region
    {
        $caps = ['round' => \GEOSBUF_CAP_ROUND, 'butt' => \GEOSBUF_CAP_FLAT, 'square' => \GEOSBUF_CAP_SQUARE];
        $joins = ['round' => \GEOSBUF_JOIN_ROUND, 'miter' => \GEOSBUF_JOIN_MITRE, 'bevel' => \GEOSBUF_JOIN_BEVEL];
        $options = [
            'quad_segs' => self::segments((int) $width),
            'endcap' => $caps[$cap],
            'join' => $joins[$join],
            'mitre_limit' => $miterLimit,
        ];
        $strokes = [];
        foreach ($lines as [$points, $closed]) {
            if ($closed && $points[0] !== $points[\count($points) - 1]) {
                $points[] = $points[0];
            }
            $strokes[] = self::back(WellKnownBinary::lines([$points])->buffer($width / 2, $options));
        }

        return self::union($strokes);
    }

    /**
     * Cuts lines at each other and gives the faces they enclose.
     *
     * @param list<list<array{int|float, int|float}>> $rings each closed by its first corner
     *
     * @return list<Region>
     */
    public static function faces(array $rings): array
    {
        $noded = WellKnownBinary::lines(
            array_map(static fn (array $ring): array => [...$ring, $ring[0]], $rings),
        )->union();
        $faces = [];
        foreach (geospolygonize($noded)['rings'] as $face) {
            $region = self::back($face);
            if (!$region->isEmpty()) {
                $faces[] = $region;
            }
        }

        return $faces;
    }

    /**
     * A point surely inside.
     *
     * @return array{float, float} in µm
     */
    public static function pointInside(Region $region): array
    {
        $point = self::geometry($region)->pointOnSurface();

        return [$point->getX(), $point->getY()];
    }

    private static function geometry(Region $region): \GEOSGeometry
    {
        return WellKnownBinary::polygons($region->polygons);
    }

    private static function back(\GEOSGeometry $geometry): Region
    {
        if ($geometry->isEmpty()) {
            return Region::none();
        }
        try {
            $gridded = $geometry->setPrecision(1.0);
        } catch (\Exception) {
            // Clipping can leave outlines that touch themselves; growing by nothing mends them.
            $gridded = $geometry->buffer(0)->setPrecision(1.0);
        }

        return WellKnownBinary::region($gridded);
    }
}
