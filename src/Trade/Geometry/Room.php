<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/** Where art may lie: a safe area of any form, in µm. */
interface Room
{
    /** What it covers; nothing where there is no room. */
    public function region(): Region;

    /** Has it no corner that points inwards and no hole? */
    public function isConvex(): bool;

    /** Every point of it that is so many µm from its edge. */
    public function inset(int|float $by): self;

    /** Less what has to stay free. */
    public function without(Region $keepOut): self;

    /**
     * The largest size at which a shape, its proportions locked, lies in it.
     *
     * @param bool $roughly a few per cent smaller will do, and quickly
     */
    public function largest(Region $shape, bool $roughly = false): Largest;

    /**
     * Does it hold every point of a shape?
     *
     * @param array{int, int} $at where the shape's origin goes
     */
    public function holds(Region $shape, array $at): bool;
}
