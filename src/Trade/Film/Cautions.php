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

    /**
     * @param bool $drunkFrom whether lips touch the object
     *
     * @return list<string>
     */
    public static function all(
        Rules $rules,
        Film $film,
        Usage $use,
        ?Material $material = null,
        bool $drunkFrom = false,
    ): array {
        return array_values(
            array_filter([
                Suitability::warning($film, $use),
                $material?->warning($film),
                $drunkFrom
                    ? 'No film where lips touch: '.$rules->value(Rule::KeepLip).' mm from the lip of anything drunk '
                        .'from.'
                    : null,
                match ($use) {
                    Usage::Vehicle => 'Never in the driver’s view. Road rules differ: follow the local ones. Road '
                        .'signs and vehicle safety glass are for a licensed trade.',
                    Usage::Washed => $drunkFrom ? null : 'No film where food touches.',
                    default => null,
                },
            ]),
        );
    }
}
