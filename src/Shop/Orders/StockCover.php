<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Stock\Supply;

/** Whether there is enough on the shelf for a whole order, and what has to be bought. */
final readonly class StockCover
{
    /**
     * @param list<FilmNeed>                       $films  each film once
     * @param list<array{string, Supply|null, int}> $tapes  of what kind, the roll of it, none where there is none, and
     *     mm of it
     * @param list<array{Supply, int}>             $blanks what it goes on, where the shop sells that too, and how many
     * @param int                                  $untold items of the order that cannot be told yet
     */
    public function __construct(public array $films, public array $tapes, public array $blanks, public int $untold = 0)
    {
    }
}
