<?php

declare(strict_types=1);

namespace Yelbo\Trade\Week;

/** A step of an order: somebody's hands, perhaps a machine, and a wait. */
final readonly class Task
{
    /**
     * @param int       $seconds  hands take
     * @param int       $wait     s that pass afterwards, day and night
     * @param list<int> $hands    who can do it, by their places
     * @param list<int> $machines one of which it takes, by their places; none where it takes none
     * @param Pin|null  $pin      where somebody put it; none where the plan is free to
     * @param array<int, float> $paces so many times as long by hands that have a pace of their own, by their places
     */
    public function __construct(
        public int $seconds,
        public int $wait,
        public array $hands,
        public array $machines,
        public ?Pin $pin = null,
        private array $paces = [],
    ) {
    }

    /**
     * s a hand takes.
     *
     * @param int $hand its number
     */
    public function by(int $hand): int
    {
        return isset($this->paces[$hand]) ? max(1, (int) round($this->seconds * $this->paces[$hand])) : $this->seconds;
    }
}
