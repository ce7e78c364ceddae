<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Geometry\Region;

/** Where tape can be snipped between letters: no film lies there, from top to bottom. Source: handbook section 11. */
final class SnipPlaces
{
    private function __construct()
    {
    }

    /** @return list<int> the middle of each gap, from the left, µm */
    public static function of(Region $film): array
    {
        $spans = array_map(
            static fn (Region $part): array => [$part->box()->left, $part->box()->right],
            $film->pieces(),
        );
        sort($spans);
        $gaps = [];
        $end = null;
        foreach ($spans as [$left, $right]) {
            if (null !== $end && $left > $end) {
                $gaps[] = intdiv($end + $left, 2);
            }
            $end = max($end ?? $right, $right);
        }

        return $gaps;
    }
}
