<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

/** How words are set. Source: handbook section 4. */
enum Arrangement: string
{
    case Line = 'line';
    case Stack = 'stack';
    case AllRound = 'all-round';
    case ArcUp = 'arc-up';
    case ArcDown = 'arc-down';
    case Ring = 'ring';
    case Monogram = 'monogram';
    case Initial = 'initial';
    case Knockout = 'knockout';

    /** Is it set on a circle? */
    public function isRound(): bool
    {
        return \in_array($this, [self::ArcUp, self::ArcDown, self::Ring], true);
    }

    /** As it is chosen. */
    public function label(): string
    {
        return match ($this) {
            self::Line => 'One line',
            self::Stack => 'Lines under each other',
            self::AllRound => 'All round, ends meeting evenly',
            self::ArcUp => 'Arc, rising in the middle',
            self::ArcDown => 'Arc, hanging in the middle',
            self::Ring => 'Ring, above and below',
            self::Monogram => 'Monogram, three letters',
            self::Initial => 'Big initial, name across',
            self::Knockout => 'Cut out of a solid',
        };
    }
}
