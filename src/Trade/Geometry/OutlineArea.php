<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/** A room of any outline, with holes: what keep-outs and odd objects leave. */
final readonly class OutlineArea implements Room
{
    /** µm: how far a round edge may stand off the true curve where a room is made smaller, on the safe side. */
    private const ARC_ERROR = 5;

    private RoomGrid $grid;

    public function __construct(private Region $region)
    {
        $this->grid = new RoomGrid($region);
    }

    public function region(): Region
    {
        return $this->region;
    }

    public function isConvex(): bool
    {
        return false;
    }

    public function inset(int|float $by): self
    {
        return 0 === (int) ceil($by) ? $this : new self(Geos::inset($this->region, (int) ceil($by) + self::ARC_ERROR));
    }

    public function without(Region $keepOut): self
    {
        return $keepOut->isEmpty() ? $this : new self(Geos::difference($this->region, $keepOut));
    }

    public function largest(Region $shape, bool $roughly = false): Largest
    {
        return new LargestPlace($this->region, $shape, $this->grid, $roughly);
    }

    public function holds(Region $shape, array $at): bool
    {
        return !$this->region->isEmpty() && Geos::covers(Geos::grow($this->region, 2), $shape->moved(...$at));
    }
}
