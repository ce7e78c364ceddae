<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Raster;
use Yelbo\Trade\Geometry\Region;

/**
 * What a cut leaves of a sheet: trimmed square, or kept as odd as it is, or nothing worth a place on the shelf.
 * Both are given in the sheet's own frame. Source: handbook section 7.
 */
final readonly class Remnant
{
    /** µm: tongues narrower than twice this are cut off. */
    private const TONGUE = 15_000;
    /** µm: by so much fewer corners an odd remnant is drawn. */
    private const SIMPLE = 500;
    /** µm */
    private const CELL = 1000;
    /** An odd remnant has to hold so much more film than the square one to be worth its bother. */
    private const MORE = 1.25;

    /** @param Region|null $square @param Region|null $odd only where it holds a good deal more than the square one */
    private function __construct(public ?Region $square, public ?Region $odd)
    {
    }

    /**
     * @param list<Region> $cut   pieces as they lay on the sheet
     * @param int          $edge  film beside a piece that is spoiled with it, µm
     * @param int          $least the shortest side worth keeping, µm
     */
    public static function ofSheet(Region $outline, array $cut, int $edge, int $least): self
    {
        $used = array_map(static fn (Region $region): Region => $region->box()->grown($edge)->region(), $cut);
        $left = [] === $used ? $outline : Geos::difference($outline, Geos::union($used));
        $open = Geos::grow(Geos::grow($left, -self::TONGUE), self::TONGUE);
        $best = null;
        foreach ($open->pieces() as $piece) {
            $best = null === $best || $piece->area() > $best->area() ? $piece : $best;
        }
        if (null === $best) {
            return new self(null, null);
        }
        $square = self::largestRectangle(Geos::intersection($left, $best->box()->grown(self::TONGUE)->region()));
        $square = null !== $square && min($square->width(), $square->height()) >= $least ? $square->region() : null;
        $odd = Geos::intersection(Geos::simplified($best, self::SIMPLE), $left);
        $odd = $odd->isEmpty() ? $odd : self::largestPiece($odd);
        $enough = null !== $square ? $odd->area() > self::MORE * $square->area() : null !== self::roomy($odd, $least);

        return new self($square, $enough && !$odd->isEmpty() ? $odd : null);
    }

    private static function largestPiece(Region $region): Region
    {
        $pieces = $region->pieces();
        usort($pieces, static fn (Region $a, Region $b): int => $b->area() <=> $a->area());

        return $pieces[0];
    }

    private static function roomy(Region $region, int $least): ?Region
    {
        if ($region->isEmpty()) {
            return null;
        }
        $inner = Geos::grow($region, -intdiv($least, 2));

        return $inner->isEmpty() ? null : $inner;
    }

    /** The largest upright rectangle a region holds, to a millimetre. */
    private static function largestRectangle(Region $region): ?Box
    {
        if ($region->isEmpty()) {
            return null;
        }
        $raster = Raster::whole($region, self::CELL);
        $box = $region->box();
        $heights = array_fill(0, $raster->columns + 1, 0);
        $best = [0, null];
        foreach ($raster->runs() as $row => $runs) {
            $free = array_fill(0, $raster->columns, false);
            foreach ($runs as [$from, $to]) {
                for ($column = $from; $column <= $to; ++$column) {
                    $free[$column] = true;
                }
            }
            $open = [];
            for ($column = 0; $column <= $raster->columns; ++$column) {
                $heights[$column] = $column < $raster->columns && $free[$column] ? $heights[$column] + 1 : 0;
                $start = $column;
                while ([] !== $open && $open[\count($open) - 1][1] >= $heights[$column]) {
                    [$start, $high] = array_pop($open);
                    if ($high * ($column - $start) > $best[0]) {
                        $best = [$high * ($column - $start), [$start, $row - $high + 1, $column, $row + 1]];
                    }
                }
                $open[] = [$start, $heights[$column]];
            }
        }
        if (null === $best[1]) {
            return null;
        }
        [$left, $top, $right, $bottom] = array_map(static fn (int $cells): int => $cells * self::CELL, $best[1]);

        return (new Box($left, $top, $right, $bottom))->moved($box->left, $box->top);
    }

    /** m² of the odd one; 0 where there is none. */
    public function oddArea(): float
    {
        return round(($this->odd?->area() ?? 0) / 1e6, 4);
    }
}
