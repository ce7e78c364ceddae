<?php

declare(strict_types=1);

namespace Yelbo\Web\Controller;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Yelbo\Shop\NotFound;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Goods;
use Yelbo\Shop\Stock\Movement;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Shop\Stock\Supply;
use Yelbo\Trade\Film\Film;
use Yelbo\Web\Ask\AmountAsk;
use Yelbo\Web\Ask\FilmAsk;
use Yelbo\Web\Ask\ReceiveAsk;
use Yelbo\Web\Ask\SupplyAsk;
use Yelbo\Web\Paper\Labels;
use Yelbo\Web\View\FilmView;
use Yelbo\Web\View\MovementsView;
use Yelbo\Web\View\MovementView;
use Yelbo\Web\View\StockItemView;
use Yelbo\Web\View\StockView;
use Yelbo\Web\View\SupplyView;

/** The shelf, and what comes onto it and leaves it by hand. */
final readonly class StockController
{
    public function __construct(private Shelf $shelf, private Goods $goods)
    {
    }

    #[Route('/api/stock', name: 'stock', methods: ['GET'])]
    public function all(): StockView
    {
        $films = $this->shelf->films();

        return new StockView(
            array_map(static fn (FilmOnShelf $film): FilmView => FilmView::of($film), $films),
            array_map(static fn (StockItem $item): StockItemView => StockItemView::of($item), $this->shelf->all()),
            array_map(static fn (Supply $supply): SupplyView => SupplyView::of($supply), $this->shelf->supplies()),
            array_values(array_map(static fn (FilmOnShelf $film): int => $film->id(), array_filter($films, $this->shelf->isLow(...)))),
            array_column(Film::cases(), 'value'),
        );
    }

    #[Route('/api/stock/receive', name: 'stock-receive', methods: ['POST'])]
    public function receive(#[MapRequestPayload] ReceiveAsk $ask): StockView
    {
        $this->goods->receive($this->shelf->film($ask->film), $ask->kind, $ask->width, $ask->height, $ask->count, $ask->bin, $ask->lot, $ask->item, $ask->corner, $ask->goneWidth, $ask->goneHeight);

        return $this->all();
    }

    #[Route('/api/stock/items/{id}/count', name: 'stock-count', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function count(int $id, #[MapRequestPayload] AmountAsk $ask): StockView
    {
        $this->goods->correct($this->shelf->item($id), $ask->version, $ask->amount, $ask->reason);

        return $this->all();
    }

    #[Route('/api/stock/items/{id}/scrap', name: 'stock-scrap', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    public function scrap(int $id, #[MapRequestPayload] AmountAsk $ask): StockView
    {
        $this->goods->scrap($this->shelf->item($id), $ask->version, $ask->amount, $ask->reason);

        return $this->all();
    }

    #[Route('/api/stock/items/{id}/movements', name: 'stock-movements', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function movements(int $id): MovementsView
    {
        return self::moved($this->shelf->movements($this->shelf->item($id)), '', 1);
    }

    #[Route('/api/stock/films', name: 'film-add', methods: ['POST'])]
    public function addFilm(#[MapRequestPayload] FilmAsk $ask): StockView
    {
        $this->goods->film(null, ...get_object_vars($ask));

        return $this->all();
    }

    #[Route('/api/stock/films/{id}', name: 'film-change', requirements: ['id' => '\d{1,9}'], methods: ['PUT'])]
    public function changeFilm(int $id, #[MapRequestPayload] FilmAsk $ask): StockView
    {
        $this->goods->film($this->shelf->film($id), ...get_object_vars($ask));

        return $this->all();
    }

    #[Route('/api/stock/supplies', name: 'supply-add', methods: ['POST'])]
    public function addSupply(#[MapRequestPayload] SupplyAsk $ask): StockView
    {
        $this->goods->keep($ask->kind, $ask->name, $ask->width, $ask->amount, $ask->bin, $ask->lowAt);

        return $this->all();
    }

    #[Route('/api/stock/supplies/{id}/{move}', name: 'supply-move', requirements: ['id' => '\d{1,9}', 'move' => 'received|counted|used'], methods: ['POST'])]
    public function moveSupply(int $id, string $move, #[MapRequestPayload] AmountAsk $ask): StockView
    {
        $this->goods->move($this->shelf->supply($id), $ask->version, $move, $ask->amount, $ask->reason);

        return $this->all();
    }

    #[Route('/api/stock/supplies/{id}/movements', name: 'supply-movements', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    public function supplyMovements(int $id): MovementsView
    {
        $supply = $this->shelf->supply($id);

        return self::moved($this->shelf->movements($supply), Supply::TAPE === $supply->kind() ? 'm' : '', Supply::TAPE === $supply->kind() ? 1000 : 1);
    }

    /** Labels of some of what is on the shelf, by their numbers with commas between. */
    #[Route('/api/stock/labels.pdf', name: 'stock-labels', methods: ['GET'])]
    public function labels(#[MapQueryParameter] string $of = ''): Response
    {
        $items = array_values(array_filter(array_map($this->shelf->named(...), \array_slice(explode(',', $of), 0, 240))));
        if ([] === $items) {
            throw new NotFound('There is nothing on the shelf by that number.');
        }

        return Labels::response($items);
    }

    /** @param list<Movement> $movements */
    private static function moved(array $movements, string $unit, int $by): MovementsView
    {
        return new MovementsView(array_map(static function (Movement $movement) use ($unit, $by): MovementView {
            // Of a roll only its length changes: that is told by the film.
            $area = null !== $movement->item() && StockItem::ROLL === $movement->item()->kind();

            return new MovementView($movement->at()->format(\DATE_ATOM), $movement->who(), $movement->what(), $area ? round($movement->area() / 1e12, 3) : $movement->count() / $by, $area ? 'm²' : $unit, $movement->reason());
        }, $movements));
    }
}
