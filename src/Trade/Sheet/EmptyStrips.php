<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;

/** Where straight strips of empty film part a decal. Source: handbook section 7. */
final class EmptyStrips
{
    /** µm: empty film as wide as that between two parts is worth a cut of its own. */
    private const APART = 20_000;

    private function __construct()
    {
    }

    /**
     * @param list<Region> $pieces
     *
     * @return list<Region>
     */
    public static function groups(array $pieces, bool $across, bool $tried = false): array
    {
        $spans = array_map(
            static fn (Region $piece): array => $across
                ? [$piece->box()->left, $piece->box()->right]
                : [$piece->box()->top, $piece->box()->bottom],
            $pieces,
        );
        $strips = self::strips($spans, self::APART);
        if ([] === $strips) {
            return $tried ? [Geos::union($pieces)] : self::groups($pieces, !$across, true);
        }
        $groups = [];
        foreach ($pieces as $nth => $piece) {
            $before = \count(array_filter($strips, static fn (array $strip): bool => $strip[1] <= $spans[$nth][0]));
            $groups[$before][] = $piece;
        }
        ksort($groups);

        return array_merge(
            ...array_map(static fn (array $group): array => self::groups($group, !$across), array_values($groups)),
        );
    }

    /**
     * Where no piece is, from one end to the other.
     *
     * @param list<array{int, int}> $spans
     *
     * @return list<array{int, int}>
     */
    public static function strips(array $spans, int $least): array
    {
        sort($spans);
        $strips = [];
        $end = $spans[0][1] ?? 0;
        foreach ($spans as [$from, $to]) {
            if ($from - $end >= $least) {
                $strips[] = [$end, $from];
            }
            $end = max($end, $to);
        }

        return $strips;
    }
}
