<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A day of the week and when the shop is open on it. */
final readonly class WeekDayView
{
    /**
     * @param string $date 2026-11-27
     * @param list<StretchView> $open the stretches it is open; none where it is closed
     */
    public function __construct(public string $date, public array $open)
    {
    }
}
