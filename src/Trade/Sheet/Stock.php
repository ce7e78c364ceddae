<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;

/** Film to cut from: a sheet, or an offcut by its true outline; its origin is its top left. */
final readonly class Stock
{
    public function __construct(public string $id, public Region $outline, public int $count = 1)
    {
    }

    /** @param int $width µm @param int $height µm */
    public static function sheet(string $id, int $width, int $height, int $count = 1): self
    {
        return new self($id, Box::sized($width, $height)->region(), $count);
    }
}
