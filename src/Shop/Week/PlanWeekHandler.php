<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Symfony\Component\Messenger\Attribute\AsMessageHandler;

/** Plans the week anew, unless that was done since. */
#[AsMessageHandler]
final readonly class PlanWeekHandler
{
    public function __construct(private WeekBoard $board, private WeekPlanning $planning)
    {
    }

    /** Plans it, unless the plan there is is of now. */
    public function __invoke(PlanWeek $message): void
    {
        if ($this->board->isFresh()) {
            return;
        }
        $mark = $this->board->mark();
        $this->board->keep($mark, $this->planning->plan($this->board->entries(), $this->board->show(...)));
    }
}
