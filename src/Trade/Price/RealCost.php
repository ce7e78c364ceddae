<?php

declare(strict_types=1);

namespace Yelbo\Trade\Price;

/** What an order really cost, beside what was quoted for it line by line. */
final readonly class RealCost
{
    /** @var list<array{what: string, quoted: QuoteLine|null, cost: CostLine|null}> */
    public array $lines;

    /** What it cost the shop. */
    public Money $cost;

    /** What is left of the price; less than nothing where it cost more. None where no price was agreed. */
    public ?Money $left;

    /**
     * @param list<QuoteLine> $quoted as it was said yes to; none of orders from before quotes were kept
     * @param list<CostLine>  $cost
     * @param Money|null      $price  that was agreed, without its tax
     */
    public function __construct(array $quoted, array $cost, public ?Money $price)
    {
        $lines = [];
        $quotes = array_column(
            array_map(static fn (QuoteLine $line): array => [$line->what, $line], $quoted),
            1,
            0,
        );
        foreach ($cost as $line) {
            $lines[] = ['what' => $line->what, 'quoted' => $quotes[$line->what] ?? null, 'cost' => $line];
            unset($quotes[$line->what]);
        }
        foreach ($quotes as $line) {
            $lines[] = ['what' => $line->what, 'quoted' => $line, 'cost' => null];
        }
        $this->lines = $lines;
        $this->cost = Money::sum(array_map(static fn (CostLine $line): Money => $line->amount, $cost));
        $this->left = $price?->less($this->cost);
    }
}
