<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/**
 * How outlines go into GEOS and come back: as well-known binary, little-endian, which is far quicker than
 * corner by corner.
 *
 * @phpstan-import-type Ring from Region
 * @phpstan-import-type Polygon from Region
 */
final class WellKnownBinary
{
    private const LINE = 2;
    private const POLYGON = 3;
    private const LINES = 5;
    private const POLYGONS = 6;

    /** Slivers under this area (µm²) are what rounding leaves of a touch, not film. */
    private const SLIVER = 50.0;

    private function __construct()
    {
    }

    /** @param list<list<array{int|float, int|float}>> $lines points in µm */
    public static function lines(array $lines): \GEOSGeometry
    {
        $wkb = '';
        foreach ($lines as $points) {
            $wkb .= self::head(self::LINE, \count($points)).pack('e*', ...array_merge(...$points));
        }

        return (new \GEOSWKBReader())->read(self::head(self::LINES, \count($lines)).$wkb);
    }

    /** @param list<Polygon> $polygons */
    public static function polygons(array $polygons): \GEOSGeometry
    {
        $wkb = '';
        foreach ($polygons as $polygon) {
            $wkb .= self::head(self::POLYGON, \count($polygon));
            foreach ($polygon as $ring) {
                $ring[] = $ring[0];
                $wkb .= pack('V', \count($ring)).pack('e*', ...array_merge(...$ring));
            }
        }

        return (new \GEOSWKBReader())->read(self::head(self::POLYGONS, \count($polygons)).$wkb);
    }

    /** To whole micrometres, without looking whether its outlines still keep apart there. */
    public static function region(\GEOSGeometry $geometry): Region
    {
        $wkb = (new \GEOSWKBWriter())->write($geometry);
        $at = 0;
        $polygons = [];
        self::collect($wkb, $at, $polygons);

        return new Region($polygons);
    }

    /** @param list<Polygon> $polygons */
    private static function collect(string $wkb, int &$at, array &$polygons): void
    {
        $type = self::word($wkb, $at + 1);
        $count = self::word($wkb, $at + 5);
        $at += 9;
        if ($type > self::POLYGON) {
            for ($nth = 0; $nth < $count; ++$nth) {
                self::collect($wkb, $at, $polygons);
            }

            return;
        }
        if (self::POLYGON !== $type) {
            $at += match ($type) {
                1 => 12,
                default => 16 * $count,
            };

            return;
        }
        $polygon = [];
        for ($nth = 0; $nth < $count; ++$nth) {
            $ring = self::ring($wkb, $at);
            $area = Region::signedArea($ring);
            if (abs($area) < self::SLIVER) {
                if (0 === $nth) {
                    $polygon = null;
                }
                continue;
            }
            if (null !== $polygon) {
                $polygon[] = ($area > 0) === (0 === $nth) ? $ring : array_reverse($ring);
            }
        }
        if (null !== $polygon && [] !== $polygon) {
            $polygons[] = $polygon;
        }
    }

    /** @return Ring */
    private static function ring(string $wkb, int &$at): array
    {
        $points = self::word($wkb, $at);
        /** @var list<float> $flat */
        $flat = array_values(unpack('e*', substr($wkb, $at + 4, 16 * $points)) ?: []);
        $at += 4 + 16 * $points;
        $ring = [];
        for ($i = 0, $last = 2 * ($points - 1); $i < $last; $i += 2) {
            $ring[] = [(int) round($flat[$i]), (int) round($flat[$i + 1])];
        }

        return $ring;
    }

    private static function head(int $type, int $count): string
    {
        return "\x01".pack('VV', $type, $count);
    }

    private static function word(string $wkb, int $at): int
    {
        /** @var array{1: int} $word */
        $word = unpack('V', $wkb, $at);

        return $word[1];
    }
}
