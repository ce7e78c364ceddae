<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Price\QuoteLine;

/** A line of a quote. */
final readonly class QuoteLineView
{
    /**
     * @param string $what what it is for
     * @param string $says how it came about
     * @param MoneyView $amount how much
     */
    public function __construct(public string $what, public string $says, public MoneyView $amount)
    {
    }

    public static function from(QuoteLine $line, string $format): self
    {
        return new self($line->what, $line->says, MoneyView::from($line->amount, $format));
    }
}
