<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\FilmReader;
use Yelbo\Shop\Stock\Movement;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Shop\Stock\StockReader;
use Yelbo\Shop\Stock\Supply;
use Yelbo\Shop\Stock\TypedFilm;
use Yelbo\Shop\Stock\TypedReceipt;
use Yelbo\Shop\Stock\TypedSupply;
use Yelbo\Web\Address;
use Yelbo\Web\Guard\Polled;
use Yelbo\Web\Paper\Labels;
use Yelbo\Web\Request\AmountRequest;
use Yelbo\Web\View\FilmView;
use Yelbo\Web\View\MovementsView;
use Yelbo\Web\View\MovementView;
use Yelbo\Web\View\StockItemView;
use Yelbo\Web\View\StockView;
use Yelbo\Web\View\SupplyView;

/** The shelf, and what comes onto it and leaves it by hand. */
final readonly class StockController
{
    public function __construct(private Shelf $shelf, private StockReader $goods, private FilmReader $films)
    {
    }

    /** Gives all that is on the shelf, and one thing more by its number where nothing is left of it. */
    #[Polled(kept: true)]
    #[Route('/api/stock', name: 'stock', methods: ['GET'])]
    public function all(#[MapQueryParameter] string $also = ''): StockView
    {
        $films = $this->shelf->films();
        $named = $this->shelf->named($also);
        $items = $this->shelf->all($named instanceof StockItem ? $named : null);

        return new StockView(
            array_map(static fn (FilmOnShelf $film): FilmView => FilmView::from($film), $films),
            array_map(static fn (StockItem $item): StockItemView => StockItemView::from($item), $items),
            array_map(static fn (Supply $supply): SupplyView => SupplyView::from($supply), $this->shelf->supplies()),
            array_map(static fn (FilmOnShelf $film): int => $film->id(), Shelf::low($films, $items)),
        );
    }

    /** Puts film that came in on the shelf. */
    #[Route('/api/stock/receive', name: 'stock-receive', methods: ['POST'])]
    public function receive(#[MapRequestPayload] TypedReceipt $request): StockView
    {
        $this->goods->receive($this->shelf->film($request->film), $request);

        return $this->all();
    }

    /** Puts right how much there is of an item. */
    #[Route(
        '/api/stock/items/{id}/count',
        name: 'stock-count',
        requirements: ['id' => Address::NUMBER],
        methods: ['POST'],
    )]
    public function count(int $id, #[MapRequestPayload] AmountRequest $request): StockView
    {
        $this->goods->correct($this->shelf->item($id), $request->version, $request->amount, $request->reason);

        return $this->all();
    }

    /** Takes film off the shelf that is no good. */
    #[Route(
        '/api/stock/items/{id}/scrap',
        name: 'stock-scrap',
        requirements: ['id' => Address::NUMBER],
        methods: ['POST'],
    )]
    public function scrap(int $id, #[MapRequestPayload] AmountRequest $request): StockView
    {
        $this->goods->scrap($this->shelf->item($id), $request->version, $request->amount, $request->reason);

        return $this->all();
    }

    /** Lists what came in and went out of an item. */
    #[Route(
        '/api/stock/items/{id}/movements',
        name: 'stock-movements',
        requirements: ['id' => Address::NUMBER],
        methods: ['GET'],
    ),]
    public function movements(int $id): MovementsView
    {
        return self::moved($this->shelf->movements($this->shelf->item($id)));
    }

    /** Adds a film. */
    #[Route('/api/stock/films', name: 'film-add', methods: ['POST'])]
    public function addFilm(#[MapRequestPayload] TypedFilm $request): StockView
    {
        $this->films->read(null, $request);

        return $this->all();
    }

    /** Changes a film. */
    #[Route('/api/stock/films/{id}', name: 'film-change', requirements: ['id' => Address::NUMBER], methods: ['PUT'])]
    public function changeFilm(int $id, #[MapRequestPayload] TypedFilm $request): StockView
    {
        $this->films->read($this->shelf->film($id), $request);

        return $this->all();
    }

    /** Adds a tape or a blank. */
    #[Route('/api/stock/supplies', name: 'supply-add', methods: ['POST'])]
    public function addSupply(#[MapRequestPayload] TypedSupply $request): StockView
    {
        $this->goods->keep($request);

        return $this->all();
    }

    /** Takes some of a supply off the shelf, puts some on, or counts it. */
    #[Route(
        '/api/stock/supplies/{id}/{move}',
        name: 'supply-move',
        requirements: ['id' => Address::NUMBER, 'move' => 'received|counted|used'],
        methods: ['POST'],
    ),]
    public function moveSupply(int $id, string $move, #[MapRequestPayload] AmountRequest $request): StockView
    {
        $this->goods->move($this->shelf->supply($id), $request->version, $move, $request->amount, $request->reason);

        return $this->all();
    }

    /** Lists what came in and went out of a supply. */
    #[Route(
        '/api/stock/supplies/{id}/movements',
        name: 'supply-movements',
        requirements: ['id' => Address::NUMBER],
        methods: ['GET'],
    ),]
    public function supplyMovements(int $id): MovementsView
    {
        return self::moved($this->shelf->movements($this->shelf->supply($id)));
    }

    /** Gives labels of some of what is on the shelf as PDF, by their numbers with commas between. */
    #[Route('/api/stock/labels.pdf', name: 'stock-labels', methods: ['GET'])]
    public function labels(#[MapQueryParameter] string $of = ''): Response
    {
        $items = array_values(
            array_filter(array_map($this->shelf->named(...), \array_slice(explode(',', $of), 0, 240))),
        );
        if ([] === $items) {
            throw new NotFound('There is nothing on the shelf by that number.');
        }

        return Labels::response($items);
    }

    /** @param list<Movement> $movements */
    private static function moved(array $movements): MovementsView
    {
        return new MovementsView(array_map(MovementView::from(...), $movements));
    }
}
