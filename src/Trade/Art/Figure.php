<?php

declare(strict_types=1);

namespace Yelbo\Trade\Art;

use Yelbo\Trade\Refused;

/** A number in a drawing: finite, and no larger than anything that is drawn. */
final class Figure
{
    /** In whatever unit it stands. */
    private const LARGEST = 1e8;

    private function __construct()
    {
    }

    /** @throws Refused for one no drawing has */
    public static function read(string $typed): float
    {
        $figure = (float) $typed;

        return abs($figure) <= self::LARGEST
            ? $figure
            : throw new Refused('absurd-size', 'This drawing has a figure beyond 100 m. Save it anew.', '/art');
    }
}
