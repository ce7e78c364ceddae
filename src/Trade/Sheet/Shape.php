<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\Raster;
use Yelbo\Trade\Geometry\Region;

/**
 * A piece at one turn, as cells: those it must find free, and those no other may touch once it
 * lies there. Both are on the safe side, so that what fits by cells fits in truth.
 */
final class Shape
{
    /** µm: outlines are drawn with so much fewer corners before they are grown. */
    private const SIMPLE = 20;

    /** @var array<int, \GMP> what it takes, by the stride of the bed */
    private array $bits = [];

    private function __construct(
        public readonly Region $region,
        public readonly float $turn,
        public readonly int $columns,
        public readonly int $rows,
        /** @var list<array{int, int, int}> row, first column, last column */
        public readonly array $runs,
        public readonly int $cells,
        private readonly Raster $kept,
        /** How many cells what it takes begins left of it and above it. */
        public readonly int $margin,
    ) {
    }

    /**
     * @param Region         $region as it is drawn
     * @param list<int|float> $turns degrees clockwise
     * @param int            $gap    µm
     * @param int            $cell   µm
     *
     * @return list<self> one a turn
     */
    public static function all(Region $region, array $turns, int $gap, int $cell): array
    {
        $simple = Geos::simplified($region, self::SIMPLE);
        $grown = Geos::grow($simple, $gap + self::slack($gap) + 2 * self::SIMPLE);
        // Neighbours keep the gap, so nothing can use what closing by the gap fills: letters become blobs.
        $closed = 0 === $gap ? $region : Geos::grow(Geos::grow($simple, $gap + self::SIMPLE), -$gap);
        if (0 === $gap) {
            $grown = $region;
        }

        return array_map(static fn (int|float $turn): self => self::turned($region, $closed, $grown, (float) $turn, $gap, $cell), $turns);
    }

    private static function turned(Region $region, Region $closed, Region $grown, float $turn, int $gap, int $cell): self
    {
        $turned = $region->turned($turn);
        $box = $turned->box();
        $raster = Raster::touchedFrom($closed->turned($turn), $cell, $box->left, $box->top, (int) ceil($box->width() / $cell), (int) ceil($box->height() / $cell));
        $margin = self::margin($gap, $cell);
        $kept = Raster::touchedFrom($grown->turned($turn), $cell, $box->left - $margin * $cell, $box->top - $margin * $cell, $raster->columns + 2 * $margin, $raster->rows + 2 * $margin);
        $runs = [];
        foreach ($raster->runs() as $row => $of) {
            foreach ($of as [$from, $to]) {
                $runs[] = [$row, $from, $to];
            }
        }

        return new self($turned->moved(-$box->left, -$box->top), $turn, $raster->columns, $raster->rows, $runs, $raster->cells(), $kept, $margin);
    }

    /** Cells that a shape takes beyond itself on each side. */
    public static function margin(int $gap, int $cell): int
    {
        return (int) ceil(($gap + self::slack($gap) + 2 * self::SIMPLE) / $cell) + 1;
    }

    /** µm: what arcs of straight pieces fall short of a true distance. */
    public static function slack(int $gap): int
    {
        return 6 + intdiv($gap, 500);
    }

    public function bits(int $stride): \GMP
    {
        return $this->bits[$stride] ??= $this->kept->bits($stride);
    }
}
