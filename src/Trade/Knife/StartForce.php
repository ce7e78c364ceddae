<?php

declare(strict_types=1);

namespace Yelbo\Trade\Knife;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Rule;

/** The force a small machine with a fresh blade starts from. Source: handbook section 8. */
final class StartForce
{
    private function __construct()
    {
    }

    /** The shop's figure for a film. */
    public static function of(Film $film): Rule
    {
        return match ($film) {
            Film::Removable => Rule::ForceRemovable,
            Film::Permanent, Film::Cast => Rule::ForcePlain,
            Film::Frosted, Film::Cling => Rule::ForceGlass,
            Film::Patterned, Film::Printable => Rule::ForcePrint,
            Film::Pearl, Film::Chrome, Film::Holographic => Rule::ForceShow,
            Film::Glitter => Rule::ForceGlitter,
            Film::Chalkboard => Rule::ForceChalkboard,
            Film::Stencil => Rule::ForceStencil,
        };
    }
}
