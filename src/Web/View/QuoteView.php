<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Price\Money;
use Yelbo\Trade\Price\Quote;
use Yelbo\Trade\Price\QuoteLine;

/** What an order costs, line by line. */
final readonly class QuoteView
{
    /**
     * @param list<QuoteLineView> $lines they add up to the total
     * @param MoneyView $total for all of it, tax included
     * @param MoneyView $tax of it
     * @param list<string> $unpriced films that have no price yet: the total is without them
     * @param list<QuoteStepView> $steps what other quantities would cost; none of an order of several things
     */
    public function __construct(
        public array $lines,
        public MoneyView $total,
        public MoneyView $tax,
        public array $unpriced,
        public array $steps,
    ) {
    }

    /** @param list<array{int, Money}> $steps */
    public static function from(Quote $quote, array $steps, string $format): self
    {
        return new self(
            array_map(
                static fn (QuoteLine $line): QuoteLineView => QuoteLineView::from($line, $format),
                $quote->lines,
            ),
            MoneyView::from($quote->total, $format),
            MoneyView::from($quote->tax, $format),
            $quote->unpriced,
            array_map(
                static fn (array $step): QuoteStepView => new QuoteStepView(
                    $step[0],
                    MoneyView::from($step[1], $format),
                ),
                $steps,
            ),
        );
    }
}
