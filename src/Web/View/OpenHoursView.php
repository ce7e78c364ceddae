<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Week\Calendar;
use Yelbo\Shop\Week\OpenHours;

/** A stretch of hours as it is typed. */
final readonly class OpenHoursView
{
    /**
     * @param int $id its number; 0 of every week's
     * @param int $day of the week, 1 is Monday; 0 where it is one date
     * @param string|null $date 2026-11-27; null where it is every week
     * @param string $from 9:00
     * @param string $to 17:30
     */
    public function __construct(
        public int $id,
        public int $day,
        public ?string $date,
        public string $from,
        public string $to,
    ) {
    }

    /** @param int $opens minutes of the day @param int $closes minutes of the day */
    public static function weekly(int $day, int $opens, int $closes): self
    {
        return new self(0, $day, null, Calendar::told($opens), Calendar::told($closes));
    }

    public static function onDate(OpenHours $hours): self
    {
        return new self(
            $hours->id(),
            0,
            $hours->date()?->format('Y-m-d'),
            Calendar::told($hours->opens()),
            Calendar::told($hours->closes()),
        );
    }
}
