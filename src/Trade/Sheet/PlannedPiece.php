<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Box;

/** A piece, or a part of one, on a planned sheet, as far as a plan's figures go. */
final readonly class PlannedPiece
{
    /**
     * @param int|string $decal   which decal it is, or is a part of
     * @param Box        $box     where it lies on the sheet, µm
     * @param float      $outline mm under the knife
     * @param float      $minutes to weed it
     */
    public function __construct(public int|string $decal, public Box $box, public float $outline, public float $minutes)
    {
    }
}
