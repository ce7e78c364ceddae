<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Bench\Packing;
use Yelbo\Trade\Plan\Waits;

/** What goes with every decal: how long it waits, and what it stands. Source: handbook section 13. */
final readonly class CareCard
{
    public function __construct(private ShopRules $rules)
    {
    }

    /**
     * Of this film, this object and this use.
     *
     * @param bool $handedOver it is told when it leaves the shop: what the shop put on has rested then
     *
     * @return list<string>
     */
    public function of(Item $item, FilmOnShelf $film, bool $handedOver): array
    {
        $rules = $this->rules->current();

        return (new Packing($rules))->care(
            $film->life($rules),
            $handedOver
                && $item->isAppliedHere()
                && !Waits::isElsewhere($item->useOf(), $item->object()->material()),
            $film->grade(),
            $item->useOf(),
            $item->object()->isDrunkFrom(),
        );
    }
}
