<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** What so many would cost. */
final readonly class QuoteStepView
{
    /**
     * @param int $copies how many
     * @param MoneyView $total all of them
     */
    public function __construct(public int $copies, public MoneyView $total)
    {
    }
}
