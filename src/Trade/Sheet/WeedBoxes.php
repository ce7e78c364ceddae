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
     * One around each group of pieces, where it crosses no film that stays, no other box, and not the sheet's edge.
     *
     * @param list<array{Region, string}> $placed pieces on the sheet, and the group each belongs to
     * @param Region                      $room   where the knife may go
     * @param int                         $away   from the pieces, µm
     *
     * @return list<Box>
     */
    public static function around(array $placed, Region $room, int $away): array
    {
        $groups = [];
        foreach ($placed as $nth => [$region, $group]) {
            $groups[$group][] = $nth;
        }
        $boxes = [];
        foreach ($groups as $members) {
            $box = $placed[$members[0]][0]->box();
            foreach ($members as $nth) {
                $box = $box->around($placed[$nth][0]->box());
            }
            $box = $box->grown($away);
            if (Geos::covers($room, $box->region()) && !self::crosses($box, $placed) && !self::meets($box, $boxes)) {
                $boxes[] = $box;
            }
        }

        return $boxes;
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
