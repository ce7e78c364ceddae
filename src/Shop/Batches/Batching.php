<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Change;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\NotFound;
use Yelbo\Shop\Pieces\Piece;
use Yelbo\Shop\Refusals;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Knife\CutFile;
use Yelbo\Trade\Knife\KnifeWay;
use Yelbo\Trade\Knife\Machine;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Sheet\BoxNest;
use Yelbo\Trade\Sheet\Piece as NestPiece;
use Yelbo\Trade\Sheet\Place;
use Yelbo\Trade\Sheet\Sheet;

/** Approved pieces of one film onto one sheet or offcut, and from there to the cutter. */
final readonly class Batching
{
    public function __construct(
        private EntityManagerInterface $records,
        private Shelf $shelf,
        private Change $change,
        private Book $book,
        private ClockInterface $clock,
        private ShopRules $rules,
    ) {
    }

    /** @throws NotFound */
    public function batch(int $id): Batch
    {
        return $this->records->find(Batch::class, $id) ?? throw new NotFound("There is no batch $id.");
    }

    /** @return list<Batch> released or under the knife, the oldest first */
    public function open(): array
    {
        return $this->records->getRepository(Batch::class)->findBy(['state' => [BatchState::Released, BatchState::Cutting]], ['id' => 'ASC']);
    }

    /**
     * Lays pieces out on the stock named, or on whatever serves first.
     *
     * @param list<Piece> $pieces
     *
     * @throws Refusals where there is no stock of this film, or nothing fits on it
     */
    public function plan(FilmOnShelf $film, array $pieces, ?StockItem $stock = null): Planned
    {
        if ([] === $pieces) {
            throw Refusals::at('pieces', 'Choose at least one piece to cut.');
        }
        foreach ($pieces as $piece) {
            if ($piece->film() !== $film) {
                throw Refusals::at('pieces', "{$piece->tag()} is to be cut from another film.");
            }
        }
        $offers = null === $stock ? $this->shelf->of($film) : [$stock];
        if ([] === $offers) {
            throw Refusals::at('stock', "There is no {$film->name()} on the shelf.");
        }
        $best = null;
        foreach ($offers as $offer) {
            $plan = $this->lay($offer, $film, $pieces);
            if (null !== $plan && [] === $plan->left) {
                return $plan;
            }
            $best = null === $best || (null !== $plan && \count($plan->left) < \count($best->left)) ? $plan : $best;
        }

        return $best ?? throw Refusals::at('stock', 'None of these pieces fits on this stock. Choose larger stock or make the decal smaller.');
    }

    /** @param list<Piece> $pieces */
    private function lay(StockItem $stock, FilmOnShelf $film, array $pieces): ?Planned
    {
        $rules = $this->rules->current();
        $orders = array_unique(array_map(static fn (Piece $piece): int => $piece->docket()->number(), $pieces));
        $gap = $rules->micrometres(\count($orders) > 1 ? Rule::GapBetweenOrders : Rule::GapInsideOrder);
        $nest = new BoxNest($gap, $rules->micrometres(Rule::SheetEdge), $film->grade()->hasDirection() ? [0] : [0, 90]);
        $byId = [];
        $shapes = [];
        foreach ($pieces as $piece) {
            $byId[$piece->id()] = $piece;
            $shapes[] = new NestPiece((string) $piece->id(), $piece->region());
        }
        $plan = $nest->plan([$stock->forNesting()], $shapes);
        if ([] === $plan->sheets) {
            return null;
        }

        return new Planned($stock, $plan->sheets[0], array_map(static fn (array $left): array => [$byId[(int) $left['piece']], $left['why']], $plan->left));
    }

    /**
     * Releases a plan: the sheet is frozen and its pieces are taken, all or none.
     *
     * @param list<array{Piece, int}> $pieces each with the version it was chosen at
     */
    public function release(FilmOnShelf $film, array $pieces, ?StockItem $stock = null): Batch
    {
        $plan = $this->plan($film, array_column($pieces, 0), $stock);
        $byId = [];
        foreach ($pieces as [$piece]) {
            $byId[$piece->id()] = $piece;
        }

        return $this->change->together($pieces, function () use ($plan, $byId, $film): Batch {
            $now = $this->clock->now();
            $plan->stock->take();
            $batch = new Batch($film, $plan->stock, $this->placed($plan->sheet, $byId), $plan->sheet->length, $plan->sheet->fill, $now);
            $this->records->persist($batch);
            $this->records->flush();
            foreach ($plan->sheet->places as $place) {
                $piece = $byId[(int) $place->piece];
                $piece->putIn($batch, $now);
                $this->book->note('batch', "{$piece->tag()} in batch {$batch->id()} on {$plan->stock->number()}", null, $piece);
            }

            return $batch;
        });
    }

    /** Takes a batch apart again: its pieces wait for film, its stock is back on the shelf. */
    public function dissolve(Batch $batch, int $version): void
    {
        $this->change->of($batch, $version, function () use ($batch): void {
            $batch->dissolve();
            $batch->stock()->putBack();
            foreach ($batch->pieces() as $piece) {
                $piece->takeOut($this->clock->now());
                $this->book->note('unbatch', "{$piece->tag()} taken out of batch {$batch->id()}", null, $piece);
            }
        });
    }

    /** The cut file of a batch: the film that stays of the pieces still in it, and nothing else. */
    public function cutFile(Batch $batch): CutFile
    {
        $layers = [];
        foreach ($this->present($batch) as [$piece, $place]) {
            $layers[] = [$place->put($piece->region()), $batch->film()->name()];
        }

        return new CutFile($batch->stock()->width(), $batch->stock()->height(), Machine::by($this->rules->current()), KnifeWay::through($layers));
    }

    /** @return list<array{Piece, Place}> */
    public function present(Batch $batch): array
    {
        $places = array_column($batch->places(), null, 'piece');
        $present = [];
        foreach ($batch->pieces() as $piece) {
            if (isset($places[$piece->id()])) {
                $present[] = [$piece, Batch::place($places[$piece->id()])];
            }
        }

        return $present;
    }

    /** @return list<Piece> approved and waiting for film */
    public function waiting(): array
    {
        /** @var list<Piece> $pieces */
        $pieces = $this->records->createQuery(
            'SELECT p, d, f FROM '.Piece::class.' p JOIN p.docket d JOIN p.film f WHERE p.state = :state ORDER BY d.neededAt ASC, d.number ASC, p.nth ASC',
        )->setParameter('state', PieceState::Waiting)->getResult();

        return $pieces;
    }

    /**
     * @param array<int, Piece> $byId
     *
     * @return list<array{piece: int, tag: string, x: int, y: int, turn: float}>
     */
    private function placed(Sheet $sheet, array $byId): array
    {
        return array_map(static fn (Place $place): array => [
            'piece' => (int) $place->piece, 'tag' => $byId[(int) $place->piece]->tag(), 'x' => $place->x, 'y' => $place->y, 'turn' => $place->turn,
        ], $sheet->places);
    }
}
