<?php

declare(strict_types=1);

namespace Yelbo\Trade\Time;

/** How long something waits, as steps, care cards and lists tell it; the pages tell it alike (`parts/duration.ts`). */
final class Duration
{
    private const HOUR = 60;
    private const DAY = 1440;
    /** Minutes: under the first told in minutes, up to the second in hours, as `72 h` on a care card. */
    private const IN_MINUTES = 2 * self::HOUR;
    private const IN_HOURS = 5 * self::DAY;

    private function __construct()
    {
    }

    /**
     * `90 min`, `72 h`, `28 days`.
     *
     * @param int $minutes of work
     */
    public static function inWords(int $minutes): string
    {
        return match (true) {
            $minutes < self::IN_MINUTES => "$minutes min",
            $minutes <= self::IN_HOURS => round($minutes / self::HOUR).' h',
            default => round($minutes / self::DAY).' days',
        };
    }
}
