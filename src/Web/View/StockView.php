<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** The whole shelf. */
final readonly class StockView
{
    /**
     * @param list<FilmView>      $films
     * @param list<StockItemView> $items
     */
    public function __construct(public array $films, public array $items)
    {
    }
}
