<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Inscribed;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Refused;

/**
 * What is done to outlines so that knife and hook can manage them, always in the same order:
 * thicken, fuse, fill, drop, bridge, smooth, reduce. By figures and not by spots, so that it stays
 * right when the words or their size change. All in µm; 0 leaves a step out.
 * Source: handbook section 5, cures of a snag; section 2, step 4.
 */
final readonly class Mending
{
    public const STEPS = ['thicken', 'fuse', 'fill', 'drop', 'bridge', 'smooth', 'reduce'];

    /** µm: more would be another drawing. */
    private const MOST = [
        'thicken' => 5_000,
        'fuse' => 5_000,
        'fill' => 20_000,
        'drop' => 20_000,
        'bridge' => 20_000,
        'smooth' => 3_000,
        'reduce' => 1_000,
    ];
    /** µm: parts that grew towards each other touch in spite of rounding. */
    private const TOUCH = 12;

    /**
     * @param int $thicken every outline grows by this much
     * @param int $fuse    gaps between parts are closed up to this width
     * @param int $fill    insides are filled where no circle of this width fits
     * @param int $drop    parts are dropped that are smaller than this both ways
     * @param int $bridge  parts that lie loose inside others are held by bars of this width
     * @param int $smooth  corners, inner and outer, are rounded by this radius
     * @param int $reduce  corners are left out where no outline moves by more than this
     */
    public function __construct(
        public int $thicken = 0,
        public int $fuse = 0,
        public int $fill = 0,
        public int $drop = 0,
        public int $bridge = 0,
        public int $smooth = 0,
        public int $reduce = 0,
    ) {
        foreach (self::MOST as $step => $most) {
            if ($this->{$step} < 0 || $this->{$step} > $most) {
                throw new Refused(
                    'absurd-mending',
                    ucfirst($step).' goes from 0 to '.$most / 1000 .' mm.',
                    "/$step",
                );
            }
        }
    }

    /** Whether it changes nothing. */
    public function isNothing(): bool
    {
        return [] === array_filter(get_object_vars($this));
    }

    /**
     * This mending with one step set.
     *
     * @param int $figure µm
     */
    public function with(string $step, int $figure): self
    {
        return new self(...[...get_object_vars($this), $step => $figure]);
    }

    /**
     * What is done, in words for a proof.
     *
     * @return list<string>
     */
    public function steps(): array
    {
        $mm = static fn (int $figure): string => $figure / 1000 .' mm';

        return array_values(
            array_filter([
                $this->thicken > 0 ? "thickened by {$mm($this->thicken)} on each side" : null,
                $this->fuse > 0 ? "gaps up to {$mm($this->fuse)} closed" : null,
                $this->fill > 0 ? "insides under {$mm($this->fill)} filled" : null,
                $this->drop > 0 ? "parts under {$mm($this->drop)} left out" : null,
                $this->bridge > 0 ? "loose insides held by bars of {$mm($this->bridge)}" : null,
                $this->smooth > 0 ? "corners rounded by {$mm($this->smooth)}" : null,
                $this->reduce > 0 ? "drawn with fewer corners, true to {$mm($this->reduce)}" : null,
            ]),
        );
    }

    /**
     * A region, mended.
     *
     * @param bool $round about the origin: bars run towards it, else upright
     */
    public function apply(Region $region, bool $round = false): Region
    {
        if ($this->isNothing() || $region->isEmpty()) {
            return $region;
        }
        $mended = Geos::grow($region, $this->thicken);
        $mended = $this->fused($mended);
        $mended = $this->filled($mended);
        $mended = $this->dropped($mended);
        $mended = $this->bridged($mended, $round);
        if ($this->smooth > 0) {
            $mended = Geos::grow(Geos::grow(Geos::grow($mended, $this->smooth), -2 * $this->smooth), $this->smooth);
        }
        if ($this->reduce > 0) {
            $mended = Geos::simplified($mended, $this->reduce);
        }

        return $mended->isEmpty()
            ? throw new Refused(
                'nothing-left',
                'Mended like this nothing is left of the art. Undo the last step.',
                '/drop',
            )
            : $mended;
    }

    /** Film is put in where it joins two parts, and nowhere else. */
    private function fused(Region $region): Region
    {
        if (0 === $this->fuse || \count($region->polygons) < 2) {
            return $region;
        }
        $half = intdiv($this->fuse, 2) + self::TOUCH;
        $closed = Geos::grow(Geos::grow($region, $half), -$half);
        $pieces = $region->pieces();
        $boxes = array_map(static fn (Region $piece): Box => $piece->box(), $pieces);
        $bridges = array_filter(Geos::difference($closed, $region)->pieces(), static function (Region $part) use (
            $pieces,
            $boxes,
        ): bool {
            $box = $part->box()->grown(self::TOUCH);
            $touched = 0;
            foreach ($pieces as $nth => $piece) {
                $touched += $boxes[$nth]->overlaps($box) && Geos::distance($piece, $part) <= self::TOUCH ? 1 : 0;
            }

            return $touched > 1;
        });

        return [] === $bridges
            ? $region
            : Geos::union([
                $region,
                ...array_map(
                    static fn (Region $bridge): Region => Geos::grow($bridge, self::TOUCH),
                    array_values($bridges),
                ),
            ]);
    }

    private function filled(Region $region): Region
    {
        if (0 === $this->fill) {
            return $region;
        }

        return new Region(
            array_map(
                fn (array $polygon): array => [
                    $polygon[0],
                    ...array_values(
                        array_filter(
                            \array_slice($polygon, 1),
                            fn (array $hole): bool => !self::isNarrow($hole, $this->fill),
                        ),
                    ),
                ],
                $region->polygons,
            ),
        );
    }

    private function dropped(Region $region): Region
    {
        if (0 === $this->drop) {
            return $region;
        }

        return new Region(
            array_values(
                array_filter($region->polygons, function (array $polygon): bool {
                    $box = (new Region([[$polygon[0]]]))->box();

                    return max($box->width(), $box->height()) >= $this->drop;
                }),
            ),
        );
    }

    /** Bars through the middle of each part that lies in a hole of another, across that hole. */
    private function bridged(Region $region, bool $round): Region
    {
        $bars = [];
        foreach (0 === $this->bridge ? [] : self::loose($region) as [$part, $hole]) {
            $box = $part->box();
            $far = (int) ceil(hypot($hole->box()->width(), $hole->box()->height()));
            [$x, $y] = [($box->left + $box->right) / 2, ($box->top + $box->bottom) / 2];
            $bar = (new Box(-intdiv($this->bridge, 2), -$far, intdiv($this->bridge, 2), $far))
                ->region()
                ->turned($round ? rad2deg(atan2($x, -$y)) : 0)
                ->moved((int) round($x), (int) round($y));
            $bars[] = Geos::grow(Geos::intersection($bar, $hole), self::TOUCH);
        }

        return [] === $bars ? $region : Geos::union([$region, ...$bars]);
    }

    /**
     * Parts that lie in a hole of another part and touch nothing: the inside of an O that is cut out of a solid.
     *
     * @return list<array{Region, Region}> each with the hole it lies in
     */
    public static function loose(Region $region): array
    {
        $pieces = $region->pieces();
        $loose = [];
        foreach ($pieces as $nth => $piece) {
            $box = $piece->box();
            foreach ($region->polygons as $other => $polygon) {
                foreach ($other === $nth ? [] : \array_slice($polygon, 1) as $ring) {
                    $hole = new Region([[array_reverse($ring)]]);
                    if ($hole->box()->overlaps($box) && Geos::covers($hole, $piece->filled())) {
                        $loose[] = [$piece, $hole];
                    }
                }
            }
        }

        return $loose;
    }

    /**
     * Does no circle of this width fit?
     *
     * @param list<array{int, int}> $hole
     */
    private static function isNarrow(array $hole, int $width): bool
    {
        $inside = new Region([[array_reverse($hole)]]);
        $box = $inside->box();

        return min($box->width(), $box->height()) < $width || 2 * Inscribed::in($inside)->radius < $width;
    }
}
