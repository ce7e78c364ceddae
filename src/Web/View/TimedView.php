<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A piece of work that was timed. */
final readonly class TimedView
{
    /**
     * @param string $station where
     * @param float $told minutes by the handbook
     * @param float $took minutes it took
     */
    public function __construct(public string $station, public float $told, public float $took)
    {
    }
}
