<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/** A room as grids of several finenesses, each made once for all shapes that are tried in it. */
final class RoomGrid
{
    /** @var array<int, array{Raster, non-empty-list<\GMP>, float}> by cells along the longer side */
    private array $grids = [];

    public function __construct(private readonly Region $room)
    {
    }

    /**
     * Every place a shape has at a scale: by row, a string with `0` where its left top cell may go.
     *
     * @param float $scale of the size it was tried at
     * @param int $cells how many each way
     *
     * @return array<int, string>
     */
    public function places(Region $shape, float $scale, int $cells): array
    {
        [$room, $taken, $cell] = $this->grid($cells);

        return $room->places($taken, Raster::touched($shape, $scale, $cell));
    }

    /** µm */
    public function cell(int $cells): float
    {
        return $this->grid($cells)[2];
    }

    /** @return array{Raster, non-empty-list<\GMP>, float} */
    private function grid(int $cells): array
    {
        if (!isset($this->grids[$cells])) {
            $box = $this->room->box();
            $cell = max($box->width(), $box->height()) / $cells;
            $raster = Raster::whole($this->room, $cell);
            $this->grids[$cells] = [$raster, $raster->taken(), $cell];
        }

        return $this->grids[$cells];
    }
}
