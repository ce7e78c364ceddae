<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/**
 * A ring that is bent: so many corners that its sides follow the arcs they become.
 *
 * @phpstan-import-type Ring from Region
 */
final class BentRing
{
    /** µm: a chord this long stands off the arcs that art is bent along by under a hundredth of a millimetre. */
    private const BEND_STEP = 2000.0;

    private function __construct()
    {
    }

    /**
     * @param Ring                                       $ring
     * @param \Closure(float, float): array{float, float} $map
     *
     * @return Ring
     */
    public static function of(array $ring, \Closure $map): array
    {
        $bent = [];
        [$px, $py] = $ring[\count($ring) - 1];
        foreach ($ring as [$x, $y]) {
            $steps = max(1, (int) ceil(hypot($x - $px, $y - $py) / self::BEND_STEP));
            for ($step = 1; $step <= $steps; ++$step) {
                [$bx, $by] = $map($px + (($x - $px) * $step) / $steps, $py + (($y - $py) * $step) / $steps);
                $bent[] = [(int) round($bx), (int) round($by)];
            }
            [$px, $py] = [$x, $y];
        }

        return $bent;
    }
}
