<?php

declare(strict_types=1);

namespace Yelbo\Trade\Film;

/** The kinds of film. Source: handbook sections 5 and 6. */
enum Film: string
{
    case Removable = 'removable';
    case Permanent = 'permanent';
    case Cast = 'cast';
    case Holographic = 'holographic';
    case Chrome = 'chrome';
    case Glitter = 'glitter';
    case Pearl = 'pearl';
    case Patterned = 'patterned';
    case Printable = 'printable';
    case Frosted = 'frosted';
    case Cling = 'cling';
    case Chalkboard = 'chalkboard';
    case Stencil = 'stencil';

    /**
     * What knife and hook can manage in it. Cast, patterned, chalkboard and stencil films
     * are thin and firm and take the limits of plain film.
     */
    public function limits(): Limits
    {
        return match ($this) {
            self::Pearl, self::Chrome, self::Holographic => new Limits(1300, 2500, 1500, 1000),
            self::Glitter => new Limits(2000, 3500, 2500, 1500),
            self::Frosted, self::Cling => new Limits(1500, 3000, 2000, 1000),
            self::Printable => new Limits(2000, 4000, 2500, 1500),
            default => new Limits(1000, 2000, 1200, 800),
        };
    }

    /** May pieces be turned on the sheet? */
    public function hasDirection(): bool
    {
        return self::Patterned === $this;
    }

    /** What it is good for and for how long, in words a customer understands. */
    public function life(): string
    {
        return match ($this) {
            self::Removable => 'About 3 years indoors.',
            self::Permanent => 'About 6 years outdoors.',
            self::Cast => 'About 8 years, also on curves and vehicles.',
            self::Holographic, self::Chrome => '1 to 2 years outdoors.',
            self::Glitter => 'Indoors, for show.',
            self::Pearl, self::Frosted, self::Cling, self::Chalkboard => 'About 3 years.',
            self::Patterned => 'About 2 years.',
            self::Printable => 'Under 3 years even sealed. Fades in sun.',
            self::Stencil => 'Hours only: take it off once the paint is on.',
        };
    }
}
