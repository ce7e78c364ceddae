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
     * @param int $soFar of all that was lost, up to this one, per cent
     */
    public function __construct(public string $reason, public int $count, public MoneyView $cost, public int $soFar)
    {
    }

    /** @param Lost $lost */
    public static function from(array $lost, string $format): self
    {
        $cost = MoneyView::from(Money::minor($lost['cost']), $format);

        return new self($lost['reason'], $lost['count'], $cost, $lost['soFar']);
    }
}
