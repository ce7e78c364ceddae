<?php

declare(strict_types=1);

namespace Yelbo\Trade\Object;

/** What people drink from: its lip is kept clear by itself. Source: handbook sections 3 and 14. */
final class DrunkFrom
{
    private const NAMES = 'cup|mug|glass|glasses|tumbler|bottle|beaker|flask|goblet|tankard|stein|carafe';

    private function __construct()
    {
    }

    /** Does its name say so? `Enamel mug`, `2 beakers`; not `glass jar`, `mug tree` or `water butt`. */
    public static function isToldBy(string $name): bool
    {
        // The last word before a comma or a preposition is the thing itself: a glass jar is a jar.
        $thing = preg_split('~,| (?:for|with|of|in) ~u', mb_strtolower($name))[0] ?? '';
        preg_match_all('~\p{L}+~u', $thing, $words);

        return 1 === preg_match('~^(?:'.self::NAMES.')s?$~u', end($words[0]) ?: '');
    }
}
