<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** The whole shop in one glance. */
final readonly class LineView
{
    /** @param list<StationView> $stations */
    public function __construct(public array $stations)
    {
    }
}
