<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A stretch of hours. */
final readonly class StretchView
{
    /**
     * @param int $from minutes of the day
     * @param int $to minutes of the day
     */
    public function __construct(public int $from, public int $to)
    {
    }
}
