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
    /** µm: round a mark nothing stays. */
    private const CLEAR = 1_500;

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

    /**
     * A layer with the marks it shares with those it is joined with.
     *
     * @param non-empty-list<Region> $joined all that are joined, in one frame, this layer among them
     */
    public static function beside(Region $layer, array $joined): Region
    {
        return Geos::union([
            $layer,
            ...array_map(static fn (array $at): Region => self::at(...$at), self::places($joined)),
        ]);
    }

    /**
     * Two places for marks: as near as can be to what the layers have in common, in the waste of all of them; beyond
     * all of them where there is no room nearer.
     *
     * @param non-empty-list<Region> $joined
     *
     * @return list<array{int, int}> µm
     */
    public static function places(array $joined): array
    {
        $common = $all = $joined[0]->box();
        foreach ($joined as $layer) {
            [$common, $all] = [$common->common($layer->box()), $all->around($layer->box())];
        }
        foreach ($common->width() > 0 && $common->height() > 0 ? [1, 2, 3] : [] as $away) {
            foreach (self::pairs($common, $away * self::AWAY) as $pair) {
                if (self::isWaste($pair, $joined)) {
                    return $pair;
                }
            }
        }

        return self::pairs($all, self::AWAY)[0];
    }

    /** @return list<list<array{int, int}>> left and right of a box, above and below it, at opposite corners */
    private static function pairs(Box $box, int $away): array
    {
        [$x, $y] = [intdiv($box->left + $box->right, 2), intdiv($box->top + $box->bottom, 2)];
        [$left, $right] = [$box->left - $away, $box->right + $away];
        [$top, $bottom] = [$box->top - $away, $box->bottom + $away];

        return [
            [[$left, $y], [$right, $y]],
            [[$x, $top], [$x, $bottom]],
            [[$left, $top], [$right, $bottom]],
            [[$left, $bottom], [$right, $top]],
        ];
    }

    /**
     * @param list<array{int, int}> $places
     * @param list<Region>          $layers
     */
    private static function isWaste(array $places, array $layers): bool
    {
        foreach ($places as [$x, $y]) {
            $room = self::RADIUS + self::CLEAR;
            $around = new Box($x - $room, $y - $room, $x + $room, $y + $room);
            foreach ($layers as $layer) {
                if ($around->overlaps($layer->box()) && !Geos::clipped($layer, $around)->isEmpty()) {
                    return false;
                }
            }
        }

        return true;
    }
}
