<?php

declare(strict_types=1);

namespace Yelbo\Trade\Object;

use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Geometry\Curve;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\OutlineArea;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\Room;
use Yelbo\Trade\Geometry\Winding;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * A bucket, pot or tumbler as its wall laid flat: its front in the middle. Laid straight, a
 * place on it has its angle from the front, as a length at half the slant, and its distance
 * down the slant. Source: handbook section 3.
 */
final readonly class Taper implements Wall
{
    /** µm */
    private const ARC_ERROR = 3.0;

    public Development $development;

    /**
     * @param bool       $wideUp the wide end is on top
     * @param float|null $seen   angle in degrees round the object within which art has to be seen from the front
     */
    public function __construct(
        Length $wide,
        Length $narrow,
        private Length $slant,
        public bool $wideUp = true,
        private ?float $seen = null,
    ) {
        $this->development = new Development($wide, $narrow, $slant);
        FromTheFront::check($seen);
    }

    /** Over all. */
    public function size(): Size
    {
        $box = $this->outline()->box();

        return new Size(Length::micrometres($box->width()), Length::micrometres($box->height()));
    }

    /** Round it half-way down the slant, by the slant. */
    public function wall(): Size
    {
        return new Size(Length::micrometres($this->development->sweep * $this->middleRadius()), $this->slant);
    }

    public function laid(Region $measured): Region
    {
        [$ax, $ay] = $this->apex();
        $half = ($this->development->sweep * $this->middleRadius()) / 2;
        $way = $this->wideUp ? 1 : -1;

        return $measured->bent(function (float $x, float $y) use ($ax, $ay, $half, $way): array {
            $angle = ($x - $half) / $this->middleRadius();
            $out = $this->radiusAt($y);

            return [$ax + $out * sin($angle), $ay - $way * $out * cos($angle)];
        });
    }

    public function outline(): Region
    {
        return $this->sector(0, 0, $this->development->sweep);
    }

    public function clearance(Rules $rules): int
    {
        return Clearance::share(new Size($this->development->narrow, $this->slant), Rule::Clearance, $rules);
    }

    /** @param int $clearance to the edge, µm */
    public function safe(int $clearance): Room
    {
        $safe = Geos::grow($this->outline(), -$clearance);

        return new OutlineArea(
            FromTheFront::isAllRound($this->seen)
                ? $safe
                : Geos::intersection(
                    $safe,
                    $this->sector(0, 0, (($this->seen ?? 0) / 360) * $this->development->sweep),
                ),
        );
    }

    /**
     * The apex of the cone in the frame of `outline()`.
     *
     * @return array{float, float} µm
     */
    public function apex(): array
    {
        $half = $this->development->sweep / 2;
        $outer = $this->development->apexRadius;
        $middle = $outer * sin(min($half, \M_PI / 2));
        $inner = $outer - $this->slant->micrometres;

        return [$middle, $this->wideUp ? $outer : max(-$outer * cos($half), -$inner * cos($half))];
    }

    /**
     * A place laid straight: angle from the front as a length at half the slant, and the
     * distance from the upper edge, µm.
     *
     * @return array{float, float}
     */
    public function straightened(float $x, float $y): array
    {
        [$ax, $ay] = $this->apex();
        $way = $this->wideUp ? 1 : -1;
        $angle = atan2($x - $ax, $way * ($ay - $y));
        $out = hypot($x - $ax, $y - $ay);

        return [
            $angle * $this->middleRadius(),
            $this->wideUp
                ? $this->development->apexRadius - $out
                : $out - ($this->development->apexRadius - $this->slant->micrometres),
        ];
    }

    /** Half-way down the slant, µm from the apex. */
    public function middleRadius(): float
    {
        return $this->development->apexRadius - $this->slant->micrometres / 2;
    }

    /** From the upper edge to the distance from the apex, µm. */
    public function radiusAt(float $down): float
    {
        return $this->wideUp
            ? $this->development->apexRadius - $down
            : $this->development->apexRadius - $this->slant->micrometres + $down;
    }

    public function isWrapped(): bool
    {
        return FromTheFront::isAllRound($this->seen);
    }

    /** @param float $down from the upper edge along the wall, µm */
    public function around(float $down): float
    {
        return $this->development->sweep * $this->radiusAt($down);
    }

    public function straight(Region $flat): Region
    {
        return $flat->bent($this->straightened(...));
    }

    public function overJoin(Region $flat): Region
    {
        if ($flat->isEmpty()) {
            return $flat;
        }
        [$ax, $ay] = $this->apex();
        $turned = static fn (float $by): Region => $flat->bent(static fn (float $x, float $y): array => [
            $ax + ($x - $ax) * cos($by) - ($y - $ay) * sin($by),
            $ay + ($x - $ax) * sin($by) + ($y - $ay) * cos($by),
        ]);

        return Geos::union([$flat, $turned($this->development->sweep), $turned(-$this->development->sweep)]);
    }

    public function front(): Region
    {
        return ConvexArea::polygon($this->frontCorners())->region();
    }

    public function frontCorners(): array
    {
        [$upper, $lower] = $this->edges();
        $height = $this->height();
        $widest = max($upper, $lower);

        return [
            [$widest - $upper, 0.0],
            [$widest + $upper, 0.0],
            [$widest + $lower, $height],
            [$widest - $lower, $height],
        ];
    }

    public function seen(Region $flat): Region
    {
        return Geos::intersection($flat, $this->sector(0, 0, $this->development->sweep / 2))->bent(
            fn (float $x, float $y): array => $this->fromTheFront(...$this->straightened($x, $y)),
        );
    }

    /**
     * @param float $x µm
     * @param float $y µm
     */
    public function seenAt(float $x, float $y): ?array
    {
        [$around, $down] = $this->straightened($x, $y);

        return abs($around) > ($this->development->sweep * $this->middleRadius()) / 4
            ? null
            : $this->fromTheFront($around, $down);
    }

    /**
     * @param float $around from the front, a length at half the slant, µm
     * @param float $down   the wall from its upper edge, µm
     *
     * @return array{float, float}
     */
    private function fromTheFront(float $around, float $down): array
    {
        [$upper, $lower] = $this->edges();
        $turn = (2 * \M_PI) / $this->development->sweep / $this->middleRadius();
        $slant = $this->slant->micrometres;

        return [
            max($upper, $lower) + ($upper + (($lower - $upper) * $down) / $slant) * sin($around * $turn),
            ($down * $this->height()) / $slant,
        ];
    }

    /** A part of the ring: so much less than the wall above and below, and so wide an angle about the front. */
    private function sector(int $above, int $below, float $sweep): Region
    {
        $outer = $this->development->apexRadius - ($this->wideUp ? $above : $below);
        $inner = $this->development->apexRadius - $this->slant->micrometres + ($this->wideUp ? $below : $above);
        [$ax, $ay] = $this->apex();
        $way = $this->wideUp ? 1 : -1;
        $half = $sweep / 2;
        $at = static fn (float $radius, float $angle): array => [
            $ax + $radius * sin($angle),
            $ay - $way * $radius * cos($angle),
        ];
        $ring = [
            $at($outer, -$half),
            ...Curve::arc(
                $at($outer, -$half),
                $outer,
                $outer,
                0,
                $sweep > \M_PI,
                $this->wideUp,
                $at($outer, $half),
                self::ARC_ERROR,
            ),
            $at($inner, $half),
            ...Curve::arc(
                $at($inner, $half),
                $inner,
                $inner,
                0,
                $sweep > \M_PI,
                !$this->wideUp,
                $at($inner, -$half),
                self::ARC_ERROR,
            ),
        ];

        return Winding::region([
            array_map(static fn (array $point): array => [(int) round($point[0]), (int) round($point[1])], $ring),
        ]);
    }

    /** @return array{float, float} half widths of the upper and the lower edge seen from the front, µm */
    private function edges(): array
    {
        $wide = $this->development->wide->micrometres / (2 * \M_PI);
        $narrow = $this->development->narrow->micrometres / (2 * \M_PI);

        return $this->wideUp ? [$wide, $narrow] : [$narrow, $wide];
    }

    private function height(): float
    {
        [$upper, $lower] = $this->edges();

        return sqrt(max(1.0, $this->slant->micrometres ** 2 - ($upper - $lower) ** 2));
    }
}
