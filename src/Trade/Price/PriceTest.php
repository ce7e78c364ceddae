<?php

declare(strict_types=1);

namespace Yelbo\Trade\Price;

/**
 * What if it were charged by the height of letters, by area, or by minutes? Each way is given the rate at which all
 * orders together would have paid what they paid, so that it shows who would have paid more, and who less.
 */
final readonly class PriceTest
{
    /** By the height of letters, by area, by minutes. */
    public const WAYS = ['letters', 'area', 'minutes'];

    /** Of a price: what is less above it is not told as more. */
    private const MORE = 1.1;

    /** Of the rates: a letter of 10 mm, 100 cm², a minute of hands. */
    private const UNITS = ['letters' => 10.0, 'area' => 10_000.0, 'minutes' => 1.0];

    /**
     * @param list<Sale>                                 $sales
     * @param Money                                      $total what was paid for all of them
     * @param array<value-of<self::WAYS>, Money|null>    $rates for each unit; none where nothing of it was sold
     * @param array<value-of<self::WAYS>, list<Money>>   $paid  by way and order: together what was paid, to the last
     *     unit
     */
    private function __construct(public array $sales, public Money $total, public array $rates, public array $paid)
    {
    }

    /**
     * Ways by which an order would have paid more than it did, by enough to speak of.
     *
     * @param int $nth of the sales
     *
     * @return list<value-of<self::WAYS>>
     */
    public function more(int $nth): array
    {
        $enough = self::MORE * $this->sales[$nth]->price->minor;

        return array_values(
            array_filter(self::WAYS, fn (string $way): bool => $this->paid[$way][$nth]->minor > $enough),
        );
    }

    /** @param list<Sale> $sales */
    public static function of(array $sales): self
    {
        $total = Money::sum(array_map(static fn (Sale $sale): Money => $sale->price, $sales));
        $rates = $paid = [];
        foreach (self::WAYS as $way) {
            $amounts = array_map(static fn (Sale $sale): float => $sale->{$way}, $sales);
            $all = array_sum($amounts);
            $rates[$way] = $all > 0 ? Money::minor((int) round(($total->minor * self::UNITS[$way]) / $all)) : null;
            $paid[$way] = $all > 0
                ? self::shared($total, $amounts, $all)
                : array_map(static fn (): Money => Money::none(), $sales);
        }

        return new self($sales, $total, $rates, $paid);
    }

    /**
     * By shares, what is left over to those it was cut off from most.
     *
     * @param list<float> $amounts
     *
     * @return list<Money>
     */
    private static function shared(Money $total, array $amounts, float $all): array
    {
        $exact = array_map(static fn (float $amount): float => ($total->minor * $amount) / $all, $amounts);
        $whole = array_map(static fn (float $one): int => (int) floor($one), $exact);
        $order = array_keys($exact);
        $cut = static fn (int $nth): float => $exact[$nth] - $whole[$nth];
        usort($order, static fn (int $a, int $b): int => [$cut($b), $a] <=> [$cut($a), $b]);
        $left = $total->minor - array_sum($whole);
        foreach (\array_slice($order, 0, max(0, $left)) as $nth) {
            ++$whole[$nth];
        }

        return array_map(Money::minor(...), array_values($whole));
    }
}
