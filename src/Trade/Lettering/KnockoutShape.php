<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

/** The solid that letters are knocked out of. Source: handbook section 4. */
enum KnockoutShape: string
{
    case Rectangle = 'rectangle';
    case Rounded = 'rounded';
    case Ellipse = 'ellipse';
    case Polygon = 'polygon';
    /** A ring the words follow: above and below, upright. */
    case Band = 'band';

    /** The one that is meant where none is named. */
    public const USUAL = self::Rounded;

    /** As it is chosen. */
    public function label(): string
    {
        return match ($this) {
            self::Rectangle => 'Rectangle',
            self::Rounded => 'Rectangle, round corners',
            self::Ellipse => 'Oval',
            self::Polygon => 'Hexagon',
            self::Band => 'Band, a ring or an oval',
        };
    }
}
