<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;

/** Cut rectangles around decals, so that the surround of each comes off in one pull. Source: handbook section 7. */
final class WeedBoxes
{
    private function __construct()
    {
    }

    /**
     * One around each group of pieces, where it crosses no film that stays, no other box, and not the sheet's edge;
     * where that cannot be, one around each part of the group that lies together, and else around each piece.
     *
     * @param list<array{Region, string}> $placed pieces on the sheet, and the group each belongs to
     * @param Region                      $room   where the knife may go
     * @param int                         $away   from the pieces, µm
     *
     * @return list<Box>
     */
    public static function around(array $placed, Region $room, int $away): array
    {
        $art = array_map(static fn (array $one): Box => $one[0]->box(), $placed);
        $groups = [];
        foreach ($placed as $nth => [, $group]) {
            $groups[$group][] = $nth;
        }
        $boxes = [];
        $fits = static function (array $members) use (&$boxes, $art, $placed, $room, $away): bool {
            $box = array_reduce(
                $members,
                static fn (Box $all, int $nth): Box => $all->around($art[$nth]),
                $art[$members[0]],
            )->grown($away);
            // What of another group lies in the midst of several would come off with them.
            $others = \count($members) > 1 ? array_diff_key($art, array_flip($members)) : [];
            $mixed = [] !== array_filter($others, static fn (Box $other): bool => $box->overlaps($other));
            $free =
                !$mixed
                && Geos::covers($room, $box->region())
                && !self::crosses($box, $placed)
                && !self::meets($box, $boxes);
            if ($free) {
                $boxes[] = $box;
            }

            return $free;
        };
        foreach ($groups as $members) {
            if ($fits($members)) {
                continue;
            }
            foreach (self::together($members, $art, 2 * $away) as $part) {
                if (\count($part) === \count($members) || !$fits($part)) {
                    array_map(static fn (int $nth): bool => \count($members) > 1 && $fits([$nth]), $part);
                }
            }
        }

        return $boxes;
    }

    /**
     * @param non-empty-list<int> $members
     * @param list<Box>           $art
     * @param int                 $gap     µm: boxes this near lie together
     *
     * @return list<non-empty-list<int>>
     */
    private static function together(array $members, array $art, int $gap): array
    {
        $parts = [];
        foreach ($members as $nth) {
            $joined = [$nth];
            foreach ($parts as $key => $part) {
                foreach ($part as $other) {
                    if ($art[$nth]->grown($gap + 1)->overlaps($art[$other])) {
                        $joined = [...$part, ...$joined];
                        unset($parts[$key]);
                        break;
                    }
                }
            }
            $parts[] = $joined;
        }

        return array_values($parts);
    }

    /** @param list<array{Region, string}> $placed */
    private static function crosses(Box $box, array $placed): bool
    {
        foreach ($placed as [$region]) {
            $other = $region->box();
            if ($box->holds($other) || !$box->overlaps($other)) {
                continue;
            }
            $inside = Geos::clipped($region, $box);
            if (!$inside->isEmpty()) {
                return true;
            }
        }

        return false;
    }

    /** @param list<Box> $boxes */
    private static function meets(Box $box, array $boxes): bool
    {
        foreach ($boxes as $other) {
            if ($box->overlaps($other) && !$box->holds($other) && !$other->holds($box)) {
                return true;
            }
        }

        return false;
    }
}
