<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Trade\Film\Cautions;
use Yelbo\Trade\Rules;

/** What has to be said of an order every time it is shown. */
final readonly class OrderCautions
{
    public function __construct(private Rules $rules)
    {
    }

    /** @return list<string> of all its things, each once */
    public function ofOrder(Docket $docket): array
    {
        return array_values(array_unique(array_merge(...array_map($this->ofItem(...), $docket->items()))));
    }

    /** @return list<string> of one of its things, what the owner let pass among it */
    public function ofItem(Item $item): array
    {
        $film = $item->film();
        $object = $item->object();

        return [
            ...null === $film
                ? []
                : Cautions::all(
                    $this->rules,
                    $film->grade(),
                    $item->useOf(),
                    $object->material(),
                    $object->isDrunkFrom(),
                ),
            ...$item->waivers()->said(),
        ];
    }
}
