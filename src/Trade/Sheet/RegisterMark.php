<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;

/**
 * A circle and a cross beside the art, at the same place in all that has to meet: panels, and layers that lie on each
 * other. It lies in the waste, and is weeded off once they are joined. Source: handbook sections 7 and 10.
 */
final class RegisterMark
{
    /** µm: from the art to the middle of a mark. */
    public const AWAY = 6_000;
    /** µm: its radius, and how wide its lines are. */
    public const RADIUS = 3_000;
    public const LINE = 800;

    private function __construct()
    {
    }

    /** One mark, its middle at a point, µm. */
    public static function at(int $x, int $y): Region
    {
        $ring = [];
        for ($step = 0; $step < 32; ++$step) {
            $ring[] = [
                (int) round($x + self::RADIUS * cos(($step * \M_PI) / 16)),
                (int) round($y + self::RADIUS * sin(($step * \M_PI) / 16)),
            ];
        }
        $disc = new Region([[$ring]]);
        $half = intdiv(self::LINE, 2);
        $cross = Geos::union([
            (new Box($x - self::RADIUS, $y - $half, $x + self::RADIUS, $y + $half))->region(),
            (new Box($x - $half, $y - self::RADIUS, $x + $half, $y + self::RADIUS))->region(),
        ]);

        return Geos::union([
            Geos::difference($disc, Geos::grow($disc, -self::LINE)),
            Geos::intersection($cross, $disc),
        ]);
    }

    /** A layer with the marks it shares with those it is joined with: left and right of all of them, at half height. */
    public static function beside(Region $layer, Box $joined): Region
    {
        $y = intdiv($joined->top + $joined->bottom, 2);

        return Geos::union([
            $layer,
            self::at($joined->left - self::AWAY, $y),
            self::at($joined->right + self::AWAY, $y),
        ]);
    }
}
