<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** Times are shown in minutes. */
final class Minutes
{
    private const SECONDS = 60;

    private function __construct()
    {
    }

    public static function ofSeconds(float $seconds): float
    {
        return round($seconds / self::SECONDS, 1);
    }
}
