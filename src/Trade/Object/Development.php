<?php

declare(strict_types=1);

namespace Yelbo\Trade\Object;

use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Refused;

/**
 * The wall of a taper laid flat: a part of a ring round the cone's apex.
 *
 * With circumferences C1 > C2 and slant s the wide edge lies at R = s·C1/(C1−C2) from the apex,
 * the narrow one at R−s, and the sweep is C1/R. Source: handbook section 3.
 */
final readonly class Development
{
    /** µm: a droop over 1 mm shows. */
    public const SHOWS = 1000;

    /** µm from the apex to the wide edge. */
    public float $apexRadius;
    /** Radians. */
    public float $sweep;

    /** @throws Refused where the wide end is not the wider, or the slant is too short for it */
    public function __construct(public Length $wide, public Length $narrow, public Length $slant)
    {
        if ($wide->micrometres === $narrow->micrometres) {
            throw new Refused(
                'not-a-taper',
                'Both circumferences are the same: this is a cylinder. Measure it as one.',
                '/bottom',
            );
        }
        if ($wide->micrometres < $narrow->micrometres) {
            throw new Refused(
                'taper-upside-down',
                'This taper widens the wrong way: the bottom is wider than the top. Give the wide end as the top, or '
                    .'change the two figures over.',
                '/bottom',
            );
        }
        $this->sweep = ($wide->micrometres - $narrow->micrometres) / $slant->micrometres;
        if ($this->sweep >= 2 * \M_PI) {
            $least = Length::micrometres(ceil(($wide->micrometres - $narrow->micrometres) / (2 * \M_PI)));
            throw new Refused(
                'slant-too-short',
                "The slant cannot be this short: between these circumferences it is more than {$least->inMetric()} "
                    .'mm. Measure it along the wall.',
                '/slant',
            );
        }
        $this->apexRadius = ($slant->micrometres * $wide->micrometres) / ($wide->micrometres - $narrow->micrometres);
    }

    /**
     * How far the middle of a straight line hangs below its ends once it is on the wall, µm.
     *
     * @param float $baseline µm down the slant from the wide edge
     * @param float $width    µm
     */
    public function droop(float $baseline, float $width): float
    {
        $radius = $this->apexRadius - $baseline;

        return $radius * (1 - cos(min(\M_PI, $width / (2 * $radius))));
    }

    /** µm round the wall, so far down the slant from the wide edge. */
    public function around(float $baseline): float
    {
        return $this->sweep * ($this->apexRadius - $baseline);
    }

    /**
     * Art drawn flat, bent along the arc: the line y = $level keeps its length and lies on the
     * circle of the baseline, its middle at ($middle, $level) stays where it is.
     *
     * @param float $baseline µm down the slant from the wide edge
     * @param bool  $wideUp   the wide end is on top: the ends go down; else they go up
     */
    public function bend(Region $art, float $baseline, float $middle, float $level, bool $wideUp = true): Region
    {
        $radius = $this->apexRadius - $baseline;
        $way = $wideUp ? 1 : -1;

        return $art->bent(static function (float $x, float $y) use ($radius, $middle, $level, $way): array {
            $angle = ($x - $middle) / $radius;
            $out = $radius + $way * ($level - $y);

            return [$middle + $out * sin($angle), $level + $way * ($radius - $out * cos($angle))];
        });
    }
}
