<?php

declare(strict_types=1);

namespace Yelbo\Trade\Learn;

use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** Where minutes are timed, and what the handbook says they are. Source: handbook sections 9 and 16. */
enum TimedStation: string
{
    case Cut = 'cut';
    case Weed = 'weed';
    case Tape = 'tape';
    case Apply = 'apply';
    case Coat = 'coat';
    case Send = 'send';

    /** The handbook's minutes. */
    public function minutes(Entry $of, Rules $rules): float
    {
        // Of tape and applying the handbook goes by length; here an area is known, taken as a square.
        $long = sqrt($of->area) / 100;

        return match ($this) {
            self::Cut => $of->cut / $rules->value(Rule::CutSpeed) / 60,
            self::Weed => ($rules->value(Rule::WeedStart) +
                $rules->value(Rule::WeedPiece) * $of->waste +
                $of->cut / $rules->value(Rule::WeedCut)) /
                60 *
                ($of->isHard() ? $rules->value(Rule::WeedHard) : 1.0),
            self::Tape => $rules->value(Rule::TapeMinutes) + $rules->value(Rule::TapeLong) * $long,
            self::Apply => $rules->value(Rule::ApplyMinutes) + $rules->value(Rule::ApplyLong) * $long,
            self::Coat => $rules->value(Rule::CoatMinutes),
            self::Send => $rules->value(Rule::PackMinutes),
        };
    }
}
