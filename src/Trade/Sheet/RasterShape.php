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
final class RasterShape
{
    /** µm: outlines are drawn with so much fewer corners before they are grown. */
    public const SIMPLE = 40;
    /** Of so many rows one is asked first: its neighbours hardly differ. */
    private const EVERY = 12;

    /** Of so many cells one may differ where two are alike. */
    private const ALIKE = 150;

    /** @var array<string, \GMP> what it takes, by the stride of the bed and which gap */
    private array $bits = [];
    /** @var array<int, \GMP> */
    private array $closed = [];

    private function __construct(
        public readonly float $turn,
        /** µm */
        public readonly int $height,
        public readonly int $columns,
        public readonly int $rows,
        /**
         * @var list<array{int, int, int}> row, first column, last column: the longest few, where it is hardest to place
         */
        public readonly array $strong,
        /** @var list<array{int, int, int}> of some rows, spread over the shape */
        public readonly array $sample,
        /** @var list<array{int, int, int}> of all others */
        public readonly array $rest,
        /** Cells of the longest run. */
        public readonly int $widest,
        private readonly Raster $own,
        public readonly int $cells,
        private readonly Raster $near,
        private readonly Raster $far,
        /** How many cells what it takes begins left of it and above it. */
        public readonly int $margin,
    ) {
    }

    /**
     * @param Region         $region as it is drawn
     * @param list<int|float> $turns degrees clockwise
     * @param int            $near   gap inside an order, µm
     * @param int            $far    gap between orders, µm
     * @param int            $cell   µm
     * @param int            $simple µm: outlines are drawn with so much fewer corners before they are grown
     *
     * @return list<self> one a turn, those alike once
     */
    public static function all(
        Region $region,
        array $turns,
        int $near,
        int $far,
        int $cell,
        int $simple = self::SIMPLE,
    ): array {
        // Neighbours keep the gap, so nothing can use what closing by the gap fills: letters become blobs.
        $outlines =
            0 === $near
                ? [$region, $region, 0 === $far ? $region : Geos::spread($region, $far, $far, $simple)[2]]
                : Geos::spread($region, $near + self::slack($near), $far + self::slack($far), $simple);

        $shapes = [];
        foreach ($turns as $turn) {
            $shape = self::turned($region, $outlines, (float) $turn, $far, $cell);
            // A ring is the same whichever way it is turned: it is tried once.
            foreach ($shapes as $other) {
                if ($shape->isLike($other)) {
                    continue 2;
                }
            }
            $shapes[] = $shape;
        }

        return $shapes;
    }

    /** @param array{Region, Region, Region} $outlines closed, grown by the nearer gap, and by the farther */
    private static function turned(Region $region, array $outlines, float $turn, int $gap, int $cell): self
    {
        $box = $region->turnedBox($turn);
        $raster = Raster::touchedFrom(
            $outlines[0]->turned($turn),
            $cell,
            $box->left,
            $box->top,
            (int) ceil($box->width() / $cell),
            (int) ceil($box->height() / $cell),
        );
        $margin = self::margin($gap, $cell);
        $kept = static fn (Region $grown): Raster => Raster::touchedFrom(
            $grown->turned($turn),
            $cell,
            $box->left - $margin * $cell,
            $box->top - $margin * $cell,
            $raster->columns + 2 * $margin,
            $raster->rows + 2 * $margin,
        );
        $near = $kept($outlines[1]);
        [$sample, $rest] = self::runs($raster);

        return new self(
            $turn,
            $box->height(),
            $raster->columns,
            $raster->rows,
            self::strongest($raster),
            $sample,
            $rest,
            max([1, ...array_map(static fn (array $run): int => $run[2] - $run[1] + 1, [...$sample, ...$rest])]),
            $raster,
            $raster->cells(),
            $near,
            $outlines[2] === $outlines[1] ? $near : $kept($outlines[2]),
            $margin,
        );
    }

    /**
     * Runs of cells: some of them, which find most clashes, and the others.
     *
     * @return array{list<array{int, int, int}>, list<array{int, int, int}>} row, from and to
     */
    private static function runs(Raster $raster): array
    {
        $sample = $rest = [];
        foreach ($raster->runs() as $row => $of) {
            foreach ($of as [$from, $to]) {
                if (0 === $row % self::EVERY || $row === $raster->rows - 1) {
                    $sample[] = [$row, $from, $to];
                } else {
                    $rest[] = [$row, $from, $to];
                }
            }
        }

        return [$sample, $rest];
    }

    /**
     * The longest run of each fifth.
     *
     * @return list<array{int, int, int}>
     */
    private static function strongest(Raster $raster): array
    {
        $longest = [];
        foreach ($raster->runs() as $row => $runs) {
            $fifth = intdiv(5 * $row, $raster->rows);
            foreach ($runs as [$from, $to]) {
                if (!isset($longest[$fifth]) || $to - $from > $longest[$fifth][2] - $longest[$fifth][1]) {
                    $longest[$fifth] = [$row, $from, $to];
                }
            }
        }

        return array_values($longest);
    }

    /**
     * Cells that a shape takes beyond itself on each side.
     *
     * @param int $gap µm
     * @param int $cell the side of a cell, µm
     */
    public static function margin(int $gap, int $cell): int
    {
        return (int) ceil(($gap + self::slack($gap) + 5 * self::SIMPLE) / $cell) + 1;
    }

    /** µm: how far from a straight edge others are kept. */
    public static function reach(int $gap): int
    {
        return $gap + self::slack($gap) + 3 * self::SIMPLE;
    }

    /** µm: what arcs of straight pieces fall short of a true distance. */
    public static function slack(int $gap): int
    {
        return 6 + intdiv($gap, 500);
    }

    /** Do they take the same cells, but for a few that rounding decides? */
    private function isLike(self $other): bool
    {
        return [$this->rows, $this->columns] === [$other->rows, $other->columns]
            && gmp_popcount($this->closed($this->columns) ^ $other->closed($this->columns)) * self::ALIKE
                <= $this->cells;
    }

    /**
     * What it must find free.
     *
     * @param int $stride bits in a row
     */
    public function closed(int $stride): \GMP
    {
        return $this->closed[$stride] ??= $this->own->bits($stride);
    }

    /**
     * What no other may touch once it lies there.
     *
     * @param int $stride bits in a row
     */
    public function bits(int $stride, bool $far): \GMP
    {
        return $this->bits[$stride.($far && $this->far !== $this->near ? 'f' : 'n')] ??= ($far
            ? $this->far
            : $this->near
        )->bits($stride);
    }
}
