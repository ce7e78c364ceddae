<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** An inside piece that has to come out. */
final readonly class WastePartView
{
    public function __construct(public int $nth, public float $x, public float $y, public float $across, public string $path, public bool $reverse)
    {
    }
}
