<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Orders\StockCover;

/** Whether there is enough on the shelf for a whole order. */
final readonly class EnoughView
{
    /**
     * @param list<FilmNeedView> $films each film once
     * @param list<TapeNeedView> $tapes each kind and roll once
     * @param list<SupplyNeedView> $blanks what it goes on, where the shop sells that too
     * @param int $untold items of the order that cannot be told yet
     */
    public function __construct(
        public array $films,
        public array $tapes,
        public array $blanks,
        public int $untold,
    ) {
    }

    public static function from(StockCover $enough): self
    {
        return new self(
            array_map(FilmNeedView::from(...), $enough->films),
            array_map(
                static fn (array $tape): TapeNeedView => new TapeNeedView(
                    $tape[0],
                    null === $tape[1] ? null : SupplyNeedView::from($tape[1], $tape[2]),
                ),
                $enough->tapes,
            ),
            array_map(static fn (array $blank): SupplyNeedView => SupplyNeedView::from(...$blank), $enough->blanks),
            $enough->untold,
        );
    }
}
