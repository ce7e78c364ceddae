<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Region;

/** A piece on a sheet: turned clockwise about its origin, then its box's top left moved to x, y (µm). */
final readonly class Place
{
    /**
     * @param int $x µm
     * @param int $y µm
     * @param float $turn degrees clockwise
     */
    public function __construct(public string $piece, public int $x, public int $y, public float $turn)
    {
    }

    /** A region where it lies on the sheet. */
    public function put(Region $region): Region
    {
        $turned = $region->turned($this->turn);
        $box = $turned->box();

        return $turned->moved($this->x - $box->left, $this->y - $box->top);
    }
}
