<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Web\View\FilmView;
use Yelbo\Web\View\StockItemView;
use Yelbo\Web\View\StockView;

/** The shelf. */
final readonly class StockController
{
    public function __construct(private Shelf $shelf)
    {
    }

    #[Route('/api/stock', name: 'stock', methods: ['GET'])]
    public function __invoke(): StockView
    {
        return new StockView(
            array_map(static fn (FilmOnShelf $film): FilmView => FilmView::of($film), $this->shelf->films()),
            array_map(static fn (StockItem $item): StockItemView => StockItemView::of($item), $this->shelf->all()),
        );
    }
}
