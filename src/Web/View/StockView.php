<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

/** The whole shelf. */
final readonly class StockView
{
    /**
     * @param list<FilmView>      $films the films
     * @param list<StockItemView> $items sheets, rolls and offcuts
     * @param list<SupplyView>    $supplies tapes and blanks
     * @param list<int>           $low      films with less on the shelf than is wanted
     */
    public function __construct(public array $films, public array $items, public array $supplies, public array $low)
    {
    }
}
