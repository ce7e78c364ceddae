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
     * Of a thing with all its films: how long each is good, and the wait of the one that waits longest.
     *
     * @param bool $handedOver as for `of`
     *
     * @return list<string>
     */
    public function ofThing(Thing $thing, bool $handedOver): array
    {
        $rules = $this->rules->current();
        $finish = $thing->item()->finish();
        $lead = $thing->first()->film();
        $waits = static fn (FilmOnShelf $film): int => Waits::untilUsed($film->grade(), $finish, $rules);
        $lives = [];
        foreach ($thing->pieces() as $piece) {
            $film = $piece->film();
            $lives[] = $film->life($rules);
            $lead = $waits($film) > $waits($lead) ? $film : $lead;
        }

        return [
            ...array_values(array_unique(array_filter($lives))),
            ...$this->said($thing->item(), $lead, '', $handedOver),
        ];
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
        return $this->said($item, $film, $film->life($this->rules->current()), $handedOver);
    }

    /** @return list<string> */
    private function said(Item $item, FilmOnShelf $film, string $life, bool $handedOver): array
    {
        return (new Packing($this->rules->current()))->care(
            $life,
            $handedOver
                && $item->isAppliedHere()
                && !Waits::isElsewhere($item->useOf(), $item->object()->material()),
            $film->grade(),
            $item->useOf(),
            $item->object()->isDrunkFrom(),
        );
    }
}
