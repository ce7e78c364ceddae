<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Report\Margins;
use Yelbo\Trade\Price\Money;

/**
 * Why pieces were cut again, and what that cost.
 *
 * @phpstan-import-type Lost from Margins
 */
final readonly class RecutView
{
    /**
     * @param string $reason in the words of who noted it
     * @param int $count how many pieces
     * @param MoneyView $cost film and minutes that were lost with them
     */
    public function __construct(public string $reason, public int $count, public MoneyView $cost)
    {
    }

    /** @param Lost $lost */
    public static function from(array $lost, string $format): self
    {
        return new self($lost['reason'], $lost['count'], MoneyView::from(Money::minor($lost['cost']), $format));
    }
}
