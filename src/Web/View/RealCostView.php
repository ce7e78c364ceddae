<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Price\RealCost;

/** What an order really cost so far, beside its quote. */
final readonly class RealCostView
{
    /**
     * @param list<CostLineView> $lines what was quoted and what it cost, thing by thing
     * @param MoneyView $cost all of it, at what it costs the shop
     * @param MoneyView|null $price what was agreed, without its tax; null where nothing was
     * @param MoneyView|null $left what is left of that; less than nothing where it cost more
     */
    public function __construct(
        public array $lines,
        public MoneyView $cost,
        public ?MoneyView $price,
        public ?MoneyView $left,
    ) {
    }

    public static function from(RealCost $real, string $format): self
    {
        return new self(
            array_map(
                static fn (array $line): CostLineView => CostLineView::from($line, $format),
                $real->lines,
            ),
            MoneyView::from($real->cost, $format),
            null === $real->price ? null : MoneyView::from($real->price, $format),
            null === $real->left ? null : MoneyView::from($real->left, $format),
        );
    }
}
