<?php

declare(strict_types=1);

namespace Yelbo\Trade\Object;

use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\Room;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** What is free round a badge or a hole, out to an outer limit; both may be oval. Source: handbook section 3. */
final readonly class Ring implements Surface
{
    use FlatSurface;

    /** µm: "an annulus with a 1 mm gap to the badge". */
    public const GAP = 1000;

    /** @throws Refused where the badge is as large as what is round it */
    public function __construct(private Size $inner, private Size $outer)
    {
        if (
            $inner->width->micrometres >= $outer->width->micrometres
            || $inner->height->micrometres >= $outer->height->micrometres
        ) {
            throw new Refused(
                'ring-inside-out',
                'The inner ring has to be smaller than the outer one both ways; that one is '
                    ."{$outer->width->inMetric()} × {$outer->height->inMetric()} mm.",
                '/inner',
            );
        }
    }

    /** Over all. */
    public function size(): Size
    {
        return $this->outer;
    }

    public function outline(): Region
    {
        return Geos::difference($this->ellipse($this->outer)->region(), $this->ellipse($this->inner)->region());
    }

    /** By the band's own width, where it is narrowest: letters on a band stand in some seven tenths of it. */
    public function clearance(Rules $rules): int
    {
        $band = min(
            $this->outer->width->micrometres - $this->inner->width->micrometres,
            $this->outer->height->micrometres - $this->inner->height->micrometres,
        ) / 2;

        return min(
            Clearance::share($this->outer, Rule::DiscClearance, $rules),
            (int) round($rules->value(Rule::BandClearance) / 100 * $band),
        );
    }

    /** @param int $clearance to the edge, µm */
    public function safe(int $clearance): Room
    {
        return $this->ellipse($this->outer)
            ->inset($clearance)
            ->without(
                $this->ellipse($this->inner)
                    ->inset(-self::GAP)
                    ->region(),
            );
    }

    private function ellipse(Size $size): ConvexArea
    {
        return ConvexArea::ellipse(
            $this->outer->width->micrometres / 2,
            $this->outer->height->micrometres / 2,
            $size->width->micrometres / 2,
            $size->height->micrometres / 2,
        );
    }
}
