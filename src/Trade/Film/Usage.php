<?php

declare(strict_types=1);

namespace Yelbo\Trade\Film;

use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** Where the decal will live. */
enum Usage: string
{
    case Indoor = 'indoor';
    case Outdoor = 'outdoor';
    case Washed = 'washed';
    case Vehicle = 'vehicle';

    /** By how much the limits grow there. Source: handbook section 5. */
    public function factor(Rules $rules): float
    {
        return match ($this) {
            self::Outdoor => $rules->value(Rule::OutdoorFactor),
            self::Vehicle => $rules->value(Rule::VehicleFactor),
            default => 1.0,
        };
    }

    /** Where that is, as it is asked. */
    public function label(): string
    {
        return match ($this) {
            self::Indoor => 'Indoors',
            self::Outdoor => 'Outdoors',
            self::Washed => 'Washed',
            self::Vehicle => 'On a vehicle',
        };
    }

    /** Where that is, in a sentence. */
    public function inWords(): string
    {
        return match ($this) {
            self::Indoor => 'indoors',
            self::Outdoor => 'outdoors',
            self::Washed => 'washed by hand',
            self::Vehicle => 'on a vehicle',
        };
    }
}
