<?php

declare(strict_types=1);

namespace Yelbo\Trade\Check;

use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;

/**
 * Thin strokes by an opening test: shrink by half a width, grow back, and what did not come
 * back was too thin. It leaves the tips of every corner and the ends of tapering tails too, so a part
 * that ends freely counts only where it is long for its width; one that bridges two parts that
 * stayed, or stands alone, always does.
 */
final class Opening
{
    /** Of the width: what is shorter and ends freely is the tip of a corner. */
    public const TIP = 2.5;
    /** `TIP` where a face is measured: only what keeps thin for long is a stroke of it. */
    public const TAIL = 4.0;
    /** Of the width: what an opening leaves in any square corner. */
    private const SPECK = 0.35;
    /** µm: lets a part and what it grew from touch in spite of rounding. */
    private const TOUCH = 15;
    /** Of a width: how finely the thinnest place is found, always on the safe side. */
    private const ROUGHLY = 0.04;
    /** µm: and no finer than this. */
    private const FINEST = 20;

    private function __construct()
    {
    }

    /**
     * What an opening by a width takes away, less the tips it takes off any corner.
     *
     * @param int $width µm
     *
     * @return list<Region>
     */
    public static function tooThin(Region $layer, int $width, float $tip = self::TIP): array
    {
        $parts = [];
        foreach (
            Geos::lostByOpening(
                $layer,
                intdiv($width, 2),
                (int) ($width * self::SPECK),
                (int) ceil($width * $tip),
                self::TOUCH,
            ) as [$part, $joins]
        ) {
            if (1 !== $joins) {
                $parts[] = $part;
            }
        }

        return $parts;
    }

    /**
     * The width up to which strokes would do, µm.
     *
     * @param int                          $upTo   a width that is known not to do, or the most that is asked for, µm
     * @param (\Closure(Region): bool)|null $counts which of the thin places are meant; all where left out
     */
    public static function thinnest(Region $layer, int $upTo, ?\Closure $counts = null, float $tip = self::TIP): int
    {
        $does = self::TOUCH;
        $breaks = $upTo;
        while ($breaks - $does > max(self::FINEST, $breaks * self::ROUGHLY)) {
            $width = intdiv($does + $breaks, 2);
            $parts = self::tooThin($layer, $width, $tip);
            [$does, $breaks] =
                [] === (null === $counts ? $parts : array_filter($parts, $counts))
                    ? [$width, $breaks]
                    : [$does, $width];
        }

        return $does;
    }
}
