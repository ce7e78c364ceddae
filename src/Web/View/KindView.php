<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A kind of surface with the lengths measured of it. */
final readonly class KindView
{
    /** @param list<MeasureView> $lengths */
    public function __construct(public string $kind, public string $label, public array $lengths)
    {
    }
}
