<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Yelbo\Shop\Pieces\Piece;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Trade\Sheet\Sheet;

/** Pieces laid out on one sheet, not yet taken. */
final readonly class Planned
{
    /**
     * @param list<array{Piece, string}> $left with the reason each does not go on
     */
    public function __construct(public StockItem $stock, public Sheet $sheet, public array $left)
    {
    }
}
