<?php

declare(strict_types=1);

namespace Yelbo\Shop\Designs;

/** How long one goes on trying, by what this process has taken of the processor: a busy machine tries as much. */
final class Patience
{
    /** What this process has taken of the processor, s. */
    public static function seconds(): float
    {
        $usage = getrusage() ?: [];

        return ($usage['ru_utime.tv_sec'] ?? 0) + ($usage['ru_utime.tv_usec'] ?? 0) / 1e6;
    }
}
