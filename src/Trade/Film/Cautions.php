<?php

declare(strict_types=1);

namespace Yelbo\Trade\Film;

use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * What has to be said of a decal every time, before it is made and when it is handed over. Source: handbook sections 6
 * and 14.
 */
final class Cautions
{
    private function __construct()
    {
    }

    /** @return list<string> */
    public static function all(Rules $rules, Film $film, Usage $use, ?Material $material = null): array
    {
        return array_values(
            array_filter([
                Suitability::warning($film, $use),
                $material?->warning($film),
                match ($use) {
                    Usage::Vehicle => 'Never in the driver’s view. Road rules differ: follow the local ones. Road signs and vehicle safety glass are for a licensed trade.',
                    Usage::Washed => 'No film where lips or food touch: '.
                        $rules->value(Rule::KeepLip).
                        ' mm from the lip of anything drunk from.',
                    default => null,
                },
            ]),
        );
    }
}
