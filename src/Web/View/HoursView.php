<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** The shop's hours, those of single dates, and days off. */
final readonly class HoursView
{
    /**
     * @param list<OpenHoursView> $hours of every week
     * @param list<OpenHoursView> $extra of one date alone
     * @param list<DayOffView> $daysOff to come
     */
    public function __construct(public array $hours, public array $extra, public array $daysOff)
    {
    }
}
