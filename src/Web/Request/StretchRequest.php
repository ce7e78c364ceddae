<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A stretch of hours as it was typed. */
final readonly class StretchRequest
{
    /**
     * @param int $day of the week, 1 is Monday
     * @param string $from like 9:00
     * @param string $to like 17:30
     */
    public function __construct(public int $day, public string $from, public string $to)
    {
    }
}
