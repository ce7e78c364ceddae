<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Object\Taper;

/** Art bent along the arc of a taper. Source: handbook section 3. */
final class TaperBend
{
    private function __construct()
    {
    }

    /**
     * Art about its own middle onto the wall.
     *
     * @param array{float, float} $place of its middle, laid straight
     * @param Box|null            $about the box its middle is of, where that is not its own
     */
    public static function bent(Taper $taper, Region $art, array $place, ?Box $about = null): Region
    {
        $box = $about ?? $art->box();
        [$mx, $my] = [($box->left + $box->right) / 2, ($box->top + $box->bottom) / 2];
        [$ax, $ay] = $taper->apex();
        $radius = $taper->radiusAt($place[1]);
        $from = $place[0] / $taper->middleRadius();
        $way = $taper->wideUp ? 1 : -1;

        return $art->bent(static function (float $x, float $y) use ($mx, $my, $ax, $ay, $radius, $from, $way): array {
            $angle = $from + ($x - $mx) / $radius;
            $out = $radius + $way * ($my - $y);

            return [$ax + $out * sin($angle), $ay - $way * $out * cos($angle)];
        });
    }
}
