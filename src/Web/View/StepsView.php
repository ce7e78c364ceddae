<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** How a thing is put on, or packed for the customer: its plan of work. */
final readonly class StepsView
{
    /**
     * @param ThingView $thing what it is of
     * @param list<StepView> $steps in order, less the rest at the end
     * @param list<string> $needs all that is laid ready, each once
     * @param float $minutes hands take in all
     * @param int $waits minutes it dries and rests in all
     * @param string $after what comes when all is done, in a sentence or two
     * @param list<StepFilmsView> $arts what is drawn as art in the pictures of the steps
     * @param string|null $driesUntil until when a coat dries, ISO 8601; null where none does
     * @param int $alike how many other things of the item stand as this one does
     */
    public function __construct(
        public ThingView $thing,
        public array $steps,
        public array $needs,
        public float $minutes,
        public int $waits,
        public string $after,
        public array $arts,
        public ?string $driesUntil,
        public int $alike,
    ) {
    }
}
