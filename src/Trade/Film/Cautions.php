<?php

declare(strict_types=1);

namespace Yelbo\Trade\Film;

/** What has to be said of a decal every time, before it is made and when it is handed over. Source: handbook sections 6 and 14. */
final class Cautions
{
    private function __construct()
    {
    }

    /** @return list<string> */
    public static function of(Film $film, UseOf $use, ?Material $material = null): array
    {
        return array_values(array_filter([
            Suitability::warning($film, $use),
            $material?->warning($film),
            match ($use) {
                UseOf::Vehicle => 'Never in the driver’s view. Road rules differ: follow the local ones. Road signs and vehicle safety glass are for a licensed trade.',
                UseOf::Washed => 'No film where lips or food touch: 15 mm from the lip of anything drunk from.',
                default => null,
            },
        ]));
    }
}
