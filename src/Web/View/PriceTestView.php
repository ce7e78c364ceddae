<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Trade\Price\PriceTest;

/** What orders of the last months would have paid were they charged another way. */
final readonly class PriceTestView
{
    /**
     * @param int $days that are looked back
     * @param int $reckoning orders whose cost is still being reckoned in the background
     * @param MoneyView|null $letters the rate by letters: for 10 mm of the height of each; null where none were sold
     * @param MoneyView|null $area the rate by area: for each 100 cm² of its box
     * @param MoneyView|null $minutes the rate by minutes: for each
     * @param MoneyView $total what was paid, and would have been each way
     * @param list<PricedWaysView> $orders each with what it would have paid
     */
    public function __construct(
        public int $days,
        public int $reckoning,
        public ?MoneyView $letters,
        public ?MoneyView $area,
        public ?MoneyView $minutes,
        public MoneyView $total,
        public array $orders,
    ) {
    }

    public static function from(PriceTest $test, int $reckoning, int $days, string $format): self
    {
        $rate = static fn (string $way): ?MoneyView => isset($test->rates[$way])
            ? MoneyView::from($test->rates[$way], $format)
            : null;
        $orders = [];
        foreach ($test->sales as $nth => $sale) {
            $orders[] = new PricedWaysView(
                $sale->tag,
                $sale->who,
                MoneyView::from($sale->price, $format),
                MoneyView::from($test->paid['letters'][$nth], $format),
                MoneyView::from($test->paid['area'][$nth], $format),
                MoneyView::from($test->paid['minutes'][$nth], $format),
                $test->more($nth),
            );
        }

        return new self(
            $days,
            $reckoning,
            $rate('letters'),
            $rate('area'),
            $rate('minutes'),
            MoneyView::from($test->total, $format),
            $orders,
        );
    }
}
