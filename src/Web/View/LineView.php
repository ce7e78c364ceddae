<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** The whole shop in one glance. */
final readonly class LineView
{
    /** @param list<StationView> $stations the stations, in the order of the work*/
    public function __construct(public array $stations)
    {
    }
}
