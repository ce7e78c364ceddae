<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A piece or a part of one as it is cut, its box at the origin, once for all plans that hold it. */
final readonly class ShapeView
{
    public function __construct(public string $name, public int $piece, public string $tag, public int $docket, public string $label, public string $path, public float $width, public float $height, public bool $late)
    {
    }
}
