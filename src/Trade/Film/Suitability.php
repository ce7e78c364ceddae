<?php

declare(strict_types=1);

namespace Yelbo\Trade\Film;

/** Will this film last in this use? Source: handbook section 6. */
final class Suitability
{
    private function __construct()
    {
    }

    /** One sentence of warning, or nothing where the film suits. */
    public static function warning(Film $film, Usage $use): ?string
    {
        $indoorsOnly = match ($film) {
            Film::Removable => 'Removable film is for walls and short events indoors. Permanent film lasts there.',
            Film::Glitter => 'Glitter film is for show indoors. Pearl or permanent film lasts there.',
            Film::Cling => 'Cling has no glue and washes or blows off. Permanent film stays.',
            Film::Chalkboard => 'Chalkboard film is for labels indoors.',
            default => null,
        };

        return match (true) {
            Film::Stencil === $film => 'Stencil film holds for hours only. It is a paint mask, never left on.',
            Usage::Indoor === $use => null,
            Usage::Vehicle === $use && !\in_array($film, [Film::Cast, Film::Permanent], true) => $indoorsOnly ??
                'On a vehicle use cast film, or permanent film where it is flat.',
            Usage::Washed === $use && Film::Printable === $film => 'Printed film does not stand washing unless it is '
                .'sealed.',
            default => $indoorsOnly,
        };
    }
}
