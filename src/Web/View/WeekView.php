<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** The plan of the week, as it was found last. */
final readonly class WeekView
{
    /**
     * @param string|null $now when it was made, ISO 8601; null where none was made yet
     * @param bool $redoing whether another is being thought about
     * @param string $trouble why there is none, a sentence; empty where there is
     * @param list<WeekDayView> $days the days it is open, from today on
     * @param list<WeekHandView> $hands who works
     * @param list<WeekEntryView> $entries what is done when and by whom
     * @param list<WeekOrderView> $orders what is open, with when it is ready
     * @param list<WeekLateView> $late what comes late by the plan, with what would save it
     */
    public function __construct(
        public ?string $now,
        public bool $redoing,
        public string $trouble,
        public array $days,
        public array $hands,
        public array $entries,
        public array $orders,
        public array $late,
    ) {
    }
}
