<?php

declare(strict_types=1);

namespace Yelbo\Trade\Object;

use Yelbo\Trade\Refused;

/** How much of a round thing art may take up: what is seen from the front, or all round. Source: handbook section 3. */
final class FromTheFront
{
    /** Degrees. */
    public const USUAL = 120.0;
    public const ALL_ROUND = 360.0;
    private const LEAST = 10.0;

    private function __construct()
    {
    }

    /**
     * @param float|null $seen degrees
     *
     * @throws Refused for an angle at which nothing is seen
     */
    public static function check(?float $seen): void
    {
        if (null !== $seen && ($seen < self::LEAST || $seen > self::ALL_ROUND)) {
            throw new Refused(
                'absurd-angle',
                'Of a round thing art takes up from 10 to 180 degrees, seen from the front, or 360 for a wrap all '
                    .'round.',
                '/seen',
            );
        }
    }

    /**
     * Is it a wrap?
     *
     * @param float|null $seen degrees
     */
    public static function isAllRound(?float $seen): bool
    {
        return null === $seen || $seen >= self::ALL_ROUND;
    }
}
