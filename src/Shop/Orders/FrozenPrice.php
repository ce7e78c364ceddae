<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

/** What an order costs, as it was when its proof was frozen. */
final readonly class FrozenPrice
{
    /**
     * @param int|null   $price    in minor units; none where it is open
     * @param list<array{what: string, says: string, minor: int}> $quote how the price of the order came about
     * @param float|null $taxShare that holds for the price, %; none of proofs from before it was kept
     */
    public function __construct(public ?int $price = null, public array $quote = [], public ?float $taxShare = null)
    {
    }
}
