<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Report\Margins;
use Yelbo\Trade\Price\Money;

/**
 * What orders that are made brought and cost, of one kind.
 *
 * @phpstan-import-type Margin from Margins
 */
final readonly class MarginView
{
    /**
     * @param string $by by what they are told apart: object, face or film
     * @param string $of which kind, face or film, by its short name
     * @param MoneyView $price that was agreed, without tax
     * @param MoneyView $cost that it took
     * @param MoneyView $left of the price; less than nothing where it cost more
     * @param int $orders how many there were
     * @param int $share what is left of the price, per cent; less than nothing where it cost more
     */
    public function __construct(
        public string $by,
        public string $of,
        public MoneyView $price,
        public MoneyView $cost,
        public MoneyView $left,
        public int $orders,
        public int $share,
    ) {
    }

    /** @param Margin $margin */
    public static function from(array $margin, string $format): self
    {
        [$price, $cost] = [Money::minor($margin['price']), Money::minor($margin['cost'])];

        return new self(
            $margin['by'],
            $margin['of'],
            MoneyView::from($price, $format),
            MoneyView::from($cost, $format),
            MoneyView::from($price->less($cost), $format),
            $margin['orders'],
            $margin['share'],
        );
    }
}
