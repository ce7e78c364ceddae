<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A piece on a sheet; its outline is in the sheet's frame. */
final readonly class PlaceView
{
    public function __construct(public ?int $piece, public string $tag, public string $label, public string $path, public float $x, public float $y, public bool $late)
    {
    }
}
