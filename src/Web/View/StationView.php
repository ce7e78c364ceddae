<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A stop on the line, with what waits there. */
final readonly class StationView
{
    /** @param list<TickView> $waiting */
    public function __construct(public string $station, public int $nth, public int $late, public array $waiting)
    {
    }
}
