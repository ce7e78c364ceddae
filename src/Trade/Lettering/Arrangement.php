<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

/** How words are set. Source: handbook section 4. */
enum Arrangement: string
{
    case Line = 'line';
    case Stack = 'stack';
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
}
