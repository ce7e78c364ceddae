<?php

declare(strict_types=1);

namespace Yelbo\Trade\Measure;

/** A day as it is typed: `2026-12-24`. */
final class TypedDay
{
    private function __construct()
    {
    }

    /** That day at midnight; none where what was typed is no day there is. */
    public static function read(string $typed, ?\DateTimeZone $zone = null): ?\DateTimeImmutable
    {
        $typed = trim($typed);
        if (1 !== preg_match('~^[0-9]{4}-[0-9]{2}-[0-9]{2}$~D', $typed)) {
            return null;
        }
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $typed, $zone);

        return false === $day || $day->format('Y-m-d') !== $typed ? null : $day;
    }
}
