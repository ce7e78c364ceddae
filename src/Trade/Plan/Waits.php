<?php

declare(strict_types=1);

namespace Yelbo\Trade\Plan;

use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/**
 * How long a decal waits once it is on its object. Waiting is not work, but it costs days. Source: handbook section 12.
 */
final class Waits
{
    private function __construct()
    {
    }

    /** Minutes all coats of a finish dry, one after the other; 0 where it has none. */
    public static function coats(Finish $finish, Rules $rules): int
    {
        $coats = $finish->coats();

        return null === $coats ? 0 : (int) $rules->value($coats[0]) * (int) round($rules->value($coats[1]));
    }

    /** Is it put on where the thing is, a vehicle or a wall? Then it is handed over at once, and rests there. */
    public static function isElsewhere(Usage $use, ?Material $on): bool
    {
        return Usage::Vehicle === $use || \in_array($on, [Material::Vehicle, Material::Wall], true);
    }

    /** Minutes from when it is put on until it is used or washed; coats that dry meanwhile are no further wait. */
    public static function untilUsed(Film $film, Finish $finish, Rules $rules): int
    {
        $coats = self::coats($finish, $rules);

        return match ($film) {
            Film::Cling => $coats,
            Film::Stencil => $coats + (int) round(60 * $rules->value(Rule::PaintCures)),
            default => max($coats, (int) round(60 * $rules->value(Rule::AdhesiveCure))),
        };
    }
}
