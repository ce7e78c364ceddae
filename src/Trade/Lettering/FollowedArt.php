<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Cache;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Refused;

/** Drawings with outlines of very many corners, as a knife follows them. */
final readonly class FollowedArt
{
    /** Of one outline: more corners are thinned, and more sharp ones than this refused. */
    private const MANY_CORNERS = 1000;
    private const MOST_CORNERS = 3000;
    /** The cosine of 45°: a corner that turns by more is sharp. */
    private const SHARP = 0.7071;
    /** µm, and a part of the longer side: what a knife follows of an outline, and what anybody sees. */
    private const FOLLOWED = 10;
    private const SHARE_FOLLOWED = 20_000;

    public function __construct(private Cache $cache)
    {
    }

    /**
     * A drawing with outlines of very many corners, thinned to what a knife follows at that size; as it is where they
     * are few.
     *
     * @throws Refused where an outline keeps more corners than can be worked with
     */
    public function followed(Words $words, Region $art): Region
    {
        if (self::mostCorners($art) <= self::MANY_CORNERS) {
            return $art;
        }
        $box = $art->box();
        $tolerance = max(
            self::FOLLOWED,
            intdiv(max($box->width(), $box->height()), self::SHARE_FOLLOWED),
            $words->setting->mending->reduce,
        );
        $key = hash('xxh128', serialize([$words->art?->key(), $box, $tolerance]));
        $thinned = $this->cache->recall("followed.$key", static fn (): Region => Geos::followed($art, $tolerance));
        $sharp = max(0, ...array_map(self::sharpCorners(...), $thinned->rings()));

        return $sharp > self::MOST_CORNERS
            ? throw new Refused(
                'too-many-corners',
                'An outline of this drawing turns '.
                    number_format($sharp).
                    ' sharp corners; up to '.
                    number_format(self::MOST_CORNERS).
                    ' can be cut. Leave out corners under Mend, or ask for a simpler drawing.',
                '/art',
            )
            : $thinned;
    }

    /** @param list<array{int, int}> $ring */
    private static function sharpCorners(array $ring): int
    {
        $sharp = 0;
        $before = $ring[\count($ring) - 1];
        foreach ($ring as $nth => [$x, $y]) {
            [$toX, $toY] = $ring[$nth + 1] ?? $ring[0];
            [$ax, $ay, $bx, $by] = [$x - $before[0], $y - $before[1], $toX - $x, $toY - $y];
            // Less than the cosine of it: the way goes on in another direction.
            if ($ax * $bx + $ay * $by < self::SHARP * hypot($ax, $ay) * hypot($bx, $by)) {
                ++$sharp;
            }
            $before = [$x, $y];
        }

        return $sharp;
    }

    private static function mostCorners(Region $region): int
    {
        return max(0, ...array_map(\count(...), $region->rings()));
    }
}
