<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** A change of the plan that would save an order. */
final readonly class WeekOptionView
{
    /**
     * @param string $kind first or longer
     * @param string $date the day that is longer; empty for the other
     * @param string $says in a sentence
     */
    public function __construct(public string $kind, public string $date, public string $says)
    {
    }
}
