<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A step that is done first, and why. */
final readonly class MorningStepView
{
    /**
     * @param WeekEntryView $entry the step
     * @param WeekOrderView $order its order
     * @param string $why in a few words
     */
    public function __construct(public WeekEntryView $entry, public WeekOrderView $order, public string $why)
    {
    }
}
