<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Rule;

/** How many pieces of film one order may ask for: one order may not stop the shop. Source: handbook section 2. */
final readonly class OrderSize
{
    public function __construct(private ShopRules $rules)
    {
    }

    /**
     * @param int    $decals in all: names, copies and panes
     * @param int    $layers pieces of film that each of them is cut from
     * @param string $field  where it was typed
     *
     * @throws Refusals for more than one order may have
     */
    public function refuseTooMany(int $decals, int $layers, string $field): void
    {
        $says = $this->tooMany($decals, $layers);
        if (null !== $says) {
            throw Refusals::at($field, $says);
        }
    }

    /** The sentence for more than one order may have; none where it is not too much. */
    public function tooMany(int $decals, int $layers): ?string
    {
        $most = (int) $this->rules->current()->value(Rule::MostPieces);

        return $decals * $layers <= $most
            ? null
            : \sprintf(
                'That is %s pieces to cut, and one order has %s at the most. Make fewer, or split it into several '
                    .'orders.',
                number_format($decals * $layers),
                number_format($most),
            );
    }
}
