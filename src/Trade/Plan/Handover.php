<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** How what is made comes to its customer. Source: handbook section 13. */
enum Handover: string
{
    case Collected = 'collected';
    case Round = 'round';
    case Posted = 'posted';

    /** As it is asked at the counter. */
    public function label(): string
    {
        return match ($this) {
            self::Collected => 'Collected here',
            self::Round => 'Brought on our round',
            self::Posted => 'Sent as a parcel',
        };
    }

    /** Minutes of hands beside packing. */
    public function minutes(Rules $rules): float
    {
        return self::Round === $this ? $rules->value(Rule::RoundMinutes) : 0.0;
    }

    /** Minutes it is on its way, day and night. */
    public function onItsWay(Rules $rules): int
    {
        return self::Posted === $this ? (int) round(1440 * $rules->value(Rule::ParcelDays)) : 0;
    }

    /** What the carrier takes, in the currency itself. */
    public function carriage(Rules $rules): float
    {
        return self::Posted === $this ? $rules->value(Rule::ParcelPrice) : 0.0;
    }
}
