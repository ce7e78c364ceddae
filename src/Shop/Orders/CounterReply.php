<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Yelbo\Shop\Designs\DrawnDesign;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Check\SnagGroup;
use Yelbo\Trade\Film\Advice;
use Yelbo\Trade\Lettering\RosterNote;

/** What can be said to the answers so far. */
final readonly class CounterReply
{
    /**
     * @param array<string, string> $wrong a sentence by its field
     * @param DrawnDesign|null $drawn the words on the object, of a roster the longest name;
     *     none where they cannot be drawn yet
     * @param list<SnagGroup> $snags what speaks against that
     * @param list<string> $doubts what in the words may be misread
     * @param float $weeding minutes
     * @param string|null $warning what speaks against the film in this use
     * @param string|null $life for how long the film is good
     * @param list<array{Advice, list<FilmOnShelf>}> $advice films for this surface and use, the best first, those
     *     the shop keeps
     * @param StockCover|null $enough whether there is enough on the shelf; none where that
     *     cannot be told yet
     * @param int $names how many names the roster holds
     * @param list<RosterNote> $rows what is to be said of its rows
     * @param TypedOrder $order as it was typed
     * @param non-empty-list<HeardItem> $items the one in hand first
     */
    public function __construct(
        public array $wrong,
        public ?DrawnDesign $drawn,
        public array $snags,
        public array $doubts,
        public float $weeding,
        public ?string $warning,
        public ?string $life,
        public array $advice,
        public ?StockCover $enough,
        public int $names,
        public array $rows,
        public TypedOrder $order,
        public array $items,
    ) {
    }

    /** @return list<AskedItem> what is cut for those items of which that can be told */
    public function asked(): array
    {
        return array_values(
            array_filter(array_map(static fn (HeardItem $item): ?AskedItem => $item->asked, $this->items)),
        );
    }
}
