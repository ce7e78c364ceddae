<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/**
 * Where a shape in a room comes near the room's edge, as rows of a linear programme.
 *
 * A corner of the shape stays on its side of an edge of the room; a corner of the room that
 * points inwards stays on its side of an edge of the shape. Both are linear in scale and move,
 * since nothing turns. They hold only near the place they were read at.
 *
 * An edge is both its ends, whether each end points inwards, and the corner before the first.
 *
 * @phpstan-import-type Row from ScaleProgramme
 * @phpstan-type Edge array{float, float, float, float, bool, bool, float, float}
 */
final readonly class Contacts
{
    /** µm: what rounding to the grid may have moved a corner across an edge. */
    private const GRACE = 2.0;
    /** µm: kept free, so that a corner rounded to the grid is still inside. */
    private const ROUNDING = 1.0;

    /** @var list<Edge> */
    private array $walls;
    /** @var list<Edge> about the middle of the shape's box, at scale 1 */
    private array $sides;

    public function __construct(Region $room, Region $shape)
    {
        $box = $shape->box();
        $this->walls = self::edges($room, 0, 0);
        $this->sides = self::edges($shape, ($box->left + $box->right) / 2, ($box->top + $box->bottom) / 2);
    }

    /**
     * @param float $reach µm: how far from an edge still counts as near
     *
     * @return list<Row>
     */
    public function rows(float $scale, float $x, float $y, float $reach): array
    {
        $placed = [];
        foreach ($this->sides as [$ax, $ay, $bx, $by, $a, $b, $cx, $cy]) {
            $placed[] = [
                $scale * $ax + $x,
                $scale * $ay + $y,
                $scale * $bx + $x,
                $scale * $by + $y,
                $a,
                $b,
                $scale * $cx + $x,
                $scale * $cy + $y,
            ];
        }
        $rows = [];
        // A corner of the shape and a wall: the wall's outward normal is to the left of its way round (y down).
        foreach (self::near($placed, $this->walls, $reach, true) as [$corner, $wall]) {
            [$ax, $ay, $bx, $by] = $this->walls[$wall];
            $long = hypot($bx - $ax, $by - $ay);
            $nx = ($by - $ay) / $long;
            $ny = -($bx - $ax) / $long;
            [$px, $py] = $this->sides[$corner];
            $rows[] = [$nx, $ny, $nx * $ax + $ny * $ay - self::ROUNDING, $nx * $px + $ny * $py];
        }
        foreach (self::near($this->walls, $placed, $reach, false) as [$corner, $side]) {
            [$ax, $ay, $bx, $by] = $this->sides[$side];
            $long = hypot($bx - $ax, $by - $ay);
            $nx = ($by - $ay) / $long;
            $ny = -($bx - $ax) / $long;
            [$px, $py] = $this->walls[$corner];
            $rows[] = [$nx, $ny, $nx * $px + $ny * $py - self::ROUNDING, $nx * $ax + $ny * $ay];
        }

        return [...$rows, ...$this->cornerToCorner($placed, $reach)];
    }

    /**
     * Where corner faces corner: the shape's keeps to its side of the line through the room's,
     * square to the way between them.
     *
     * @param list<Edge> $placed
     *
     * @return list<Row>
     */
    private function cornerToCorner(array $placed, float $reach): array
    {
        $grid = self::grid($placed, 2 * $reach, false);
        $rows = [];
        foreach ($this->walls as [$qx, $qy, $nextX, $nextY, $inwards, , $beforeX, $beforeY]) {
            if (!$inwards) {
                continue;
            }
            foreach (self::around($grid, $qx, $qy, $qx, $qy, $reach) as $nth) {
                [$px, $py, $sideX, $sideY, , , $otherX, $otherY] = $placed[$nth];
                $dx = $qx - $px;
                $dy = $qy - $py;
                $away = hypot($dx, $dy);
                if (
                    $away < 1e-3
                    || $away > $reach
                    || -$dx * ($nextX - $qx) - $dy * ($nextY - $qy) > 0
                    || -$dx * ($beforeX - $qx) - $dy * ($beforeY - $qy) > 0
                    || $dx * ($sideX - $px) + $dy * ($sideY - $py) > 0
                    || $dx * ($otherX - $px) + $dy * ($otherY - $py) > 0
                ) {
                    continue;
                }
                $nx = $dx / $away;
                $ny = $dy / $away;
                $rows[] = [
                    $nx,
                    $ny,
                    $nx * $qx + $ny * $qy - self::ROUNDING,
                    $nx * $this->sides[$nth][0] + $ny * $this->sides[$nth][1],
                ];
            }
        }

        return $rows;
    }

    /**
     * Corners (first ends of edges) that lie near an edge, each with the edge whose half plane
     * it has to keep to.
     *
     * @param list<Edge> $corners
     * @param list<Edge> $edges
     * @param bool       $shape   corners of the shape, all of them; else of the room, only those that point inwards
     *
     * @return list<array{int, int}>
     */
    private static function near(array $corners, array $edges, float $reach, bool $shape): array
    {
        // Inside corners of a shape touch nothing before its outside ones do.
        $grid = self::grid($corners, 2 * $reach, !$shape);
        $found = [];
        foreach ($edges as $nth => [$ax, $ay, $bx, $by, $aIn, $bIn]) {
            $dx = $bx - $ax;
            $dy = $by - $ay;
            $square = $dx * $dx + $dy * $dy;
            if ($square < 1e-9) {
                continue;
            }
            foreach (self::around($grid, $ax, $ay, $bx, $by, $reach) as $corner) {
                [$x, $y] = $corners[$corner];
                $along = (($x - $ax) * $dx + ($y - $ay) * $dy) / $square;
                $t = max(0.0, min(1.0, $along));
                if (
                    hypot($ax + $t * $dx - $x, $ay + $t * $dy - $y) > $reach
                    || !self::rules($along, $shape, $aIn, $bIn)
                ) {
                    continue;
                }
                $side = ($dy * ($x - $ax) - $dx * ($y - $ay)) / sqrt($square);
                // A room's corner has to stay outside the shape's edge, a shape's inside the room's.
                if ($shape ? $side < self::GRACE : $side > -self::GRACE) {
                    $found[] = [$corner, $nth];
                }
            }
        }

        return $found;
    }

    /**
     * @param list<Edge> $edges
     *
     * @return array<int, array<int, list<int>>> first ends by cell
     */
    private static function grid(array $edges, float $cell, bool $inwards): array
    {
        $grid = [];
        foreach ($edges as $nth => $edge) {
            if ($inwards === $edge[4]) {
                $grid[(int) floor($edge[0] / $cell)][(int) floor($edge[1] / $cell)][] = $nth;
            }
        }

        return $grid;
    }

    /**
     * @param array<int, array<int, list<int>>> $grid
     *
     * @return \Generator<int>
     */
    private static function around(array $grid, float $ax, float $ay, float $bx, float $by, float $reach): \Generator
    {
        $cell = 2 * $reach;
        for (
            $i = (int) floor((min($ax, $bx) - $reach) / $cell), $iEnd = (int) floor((max($ax, $bx) + $reach) / $cell);
            $i <= $iEnd;
            ++$i
        ) {
            if (!isset($grid[$i])) {
                continue;
            }
            for (
                $j = (int) floor((min($ay, $by) - $reach) / $cell),
                $jEnd = (int) floor((max($ay, $by) + $reach) / $cell);
                $j <= $jEnd;
                ++$j
            ) {
                yield from $grid[$i][$j] ?? [];
            }
        }
    }

    /**
     * Does an edge's half plane hold for a corner beyond its end? At a corner of the room that points outwards it does,
     * at one that points inwards it does not.
     */
    private static function rules(float $along, bool $shape, bool $aIn, bool $bIn): bool
    {
        if ($along >= 0 && $along <= 1) {
            return true;
        }
        $inwards = $along < 0 ? $aIn : $bIn;

        return $shape ? !$inwards : $inwards;
    }

    /** @return list<Edge> */
    private static function edges(Region $region, float $x, float $y): array
    {
        $edges = [];
        foreach ($region->rings() as $ring) {
            $count = \count($ring);
            $inwards = [];
            for ($i = 0; $i < $count; ++$i) {
                [[$px, $py], [$qx, $qy], [$rx, $ry]] = [
                    $ring[($i + $count - 1) % $count],
                    $ring[$i],
                    $ring[($i + 1) % $count],
                ];
                $inwards[] = ($qx - $px) * ($ry - $qy) - ($qy - $py) * ($rx - $qx) < 0;
            }
            for ($i = 0; $i < $count; ++$i) {
                $next = ($i + 1) % $count;
                [[$cx, $cy], [$ax, $ay], [$bx, $by]] = [$ring[($i + $count - 1) % $count], $ring[$i], $ring[$next]];
                $edges[] = [$ax - $x, $ay - $y, $bx - $x, $by - $y, $inwards[$i], $inwards[$next], $cx - $x, $cy - $y];
            }
        }

        return $edges;
    }
}
