<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A length that is measured of an object. */
final readonly class MeasureView
{
    public function __construct(public string $name, public string $label, public bool $needed)
    {
    }
}
