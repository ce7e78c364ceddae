<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Change;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Machines\Machines;
use Yelbo\Shop\NotFound;
use Yelbo\Shop\Pieces\Piece;
use Yelbo\Shop\Refusals;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Shop\Stock\Stockroom;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Knife\CutFile;
use Yelbo\Trade\Knife\KnifeWay;
use Yelbo\Trade\Knife\Machine;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Sheet\Nest;
use Yelbo\Trade\Sheet\Piece as NestPiece;
use Yelbo\Trade\Sheet\Place;
use Yelbo\Trade\Sheet\Rest;
use Yelbo\Trade\Sheet\Stock;

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
        private Laying $laying,
        private Releasing $releasing,
        private Stockroom $stockroom,
        private Machines $machines,
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
    private function lay(StockItem $item, FilmOnShelf $film, array $pieces): ?Planned
    {
        $rules = $this->rules->current();
        $stock = $this->laying->one($item, $rules);
        if (null === $stock) {
            return null;
        }
        $byId = [];
        $shapes = [];
        foreach ($pieces as $piece) {
            $byId[$piece->id()] = $piece;
            $shapes[] = new NestPiece((string) $piece->id(), $piece->region(), 1, null, (string) $piece->docket()->number());
        }
        $plan = (new Nest($this->laying->gaps($rules), $this->laying->turns($film)))->plan([new Stock($stock->id, $stock->outline, 1, $stock->reach)], $shapes);
        if ([] === $plan->sheets) {
            return null;
        }

        return new Planned($item, $plan->sheets[0], array_map(static fn (array $left): array => [$byId[(int) $left['piece']], $left['why']], $plan->left));
    }

    /**
     * Lays pieces out at once on one sheet and releases it: the sheet is frozen and its pieces are taken, all or none.
     *
     * @param list<array{Piece, int}> $pieces each with the version it was chosen at
     */
    public function release(FilmOnShelf $film, array $pieces, ?StockItem $stock = null): Batch
    {
        $plan = $this->plan($film, array_column($pieces, 0), $stock);
        $byId = [];
        $versions = [];
        foreach ($pieces as [$piece, $version]) {
            $byId[$piece->id()] = $piece;
            $versions[$piece->id()] = $version;
        }
        $nesting = new Nesting($film, $versions, [], Nesting::NO_BOXES, null, $this->book->who(), $this->clock->now(), 0, 0);
        $places = array_map(static fn (Place $place): array => ['piece' => (int) $place->piece, 'part' => -1, 'x' => $place->x, 'y' => $place->y, 'turn' => $place->turn, 'pinned' => false], $plan->sheet->places);
        $sheet = ['stock' => $plan->stock->id(), 'length' => $plan->sheet->length, 'fill' => $plan->sheet->fill, 'places' => $places];

        return $this->releasing->release($nesting, ['sheets' => [$sheet], 'left' => []], $byId)[0];
    }

    /** Takes a batch apart again: its pieces wait for film, its stock is back on the shelf. */
    public function dissolve(Batch $batch, int $version): void
    {
        $this->change->of($batch, $version, function () use ($batch): void {
            $pieces = $this->pieces($batch);
            $batch->dissolve();
            if (null === $batch->trouble()) {
                $this->stockroom->putBack($batch->stock(), $batch->taken(), $batch->id());
            }
            foreach ($pieces as $piece) {
                $piece->takeOut($this->clock->now());
                $this->book->note('unbatch', "{$piece->tag()} taken out of batch {$batch->id()}", null, $piece);
            }
        });
    }

    /** The cut file of a batch: the film that stays of the pieces still in it, weed boxes around them, and nothing else. */
    public function cutFile(Batch $batch): CutFile
    {
        $layers = [];
        foreach ($this->present($batch) as [, $place, $region]) {
            $layers[] = [$place->put($region), $batch->film()->name()];
        }
        $machine = $this->machines->inUse();

        return new CutFile($batch->width(), $batch->height(), Machine::by($this->rules->current()), KnifeWay::through($layers, array_map(static fn (Box $box): array => [$box->region(), $batch->film()->name()], $batch->boxes())), null === $machine ? '' : "Batch {$batch->id()}, {$batch->film()->name()}, {$machine->says()}");
    }

    /**
     * What lies on a sheet, except what was spoiled since.
     *
     * @return list<array{Piece, Place, Region, int}> the piece, where, what of it is cut, and which part of it or -1
     */
    public function present(Batch $batch): array
    {
        $here = [];
        foreach ($this->records->getRepository(Piece::class)->findBy(['id' => array_unique(array_column($batch->places(), 'piece'))]) as $piece) {
            if ($piece->batch()?->release() === $batch->release()) {
                $here[$piece->id()] = $piece;
            }
        }
        $present = [];
        foreach ($batch->places() as $at) {
            $piece = $here[$at['piece']] ?? null;
            if (null !== $piece) {
                $present[] = [$piece, Batch::place($at), isset($at['path']) ? SvgPath::read($at['path']) : $piece->region(), $at['part'] ?? -1];
            }
        }

        return $present;
    }

    /** @return list<Piece> each once, however many of its parts lie there */
    public function pieces(Batch $batch): array
    {
        $pieces = [];
        foreach ($this->present($batch) as [$piece]) {
            $pieces[$piece->id()] = $piece;
        }

        return array_values($pieces);
    }

    /** @return list<Batch> the other sheets that hold parts of a piece */
    public function othersWith(Piece $piece, Batch $batch): array
    {
        return array_values(array_filter(
            $this->records->getRepository(Batch::class)->findBy(['release' => $batch->release()]),
            static fn (Batch $other): bool => $other !== $batch && BatchState::Dissolved !== $other->state() && \in_array($piece->id(), array_column($other->places(), 'piece'), true),
        ));
    }

    /** What a finished cut left of its sheet. */
    public function rest(Batch $batch): Rest
    {
        $rules = $this->rules->current();

        // What was spoiled since was cut all the same.
        $cut = [];
        foreach ($batch->places() as $at) {
            $region = isset($at['path']) ? SvgPath::read($at['path']) : $this->records->find(Piece::class, $at['piece'])?->region();
            $cut[] = Batch::place($at)->put($region ?? Region::none());
        }

        return Rest::of(SvgPath::read($batch->outline()), [...$cut, ...array_map(static fn (Box $box): Region => $box->region(), $batch->boxes())], $rules->micrometres(Rule::OddRestAway), $rules->micrometres(Rule::ShortestOffcut));
    }

    /** Puts away what a cut left: on the shelf, trimmed square or as odd as it is, or in the bin. */
    public function putAway(Batch $batch, int $version, string $how): ?StockItem
    {
        $rest = $this->rest($batch);
        $outline = match ($how) {
            'square' => $rest->square ?? throw Refusals::at('rest', 'No square as large as an offcut has to be is left.'),
            'odd' => $rest->odd ?? throw Refusals::at('rest', 'Nothing odd worth keeping is left.'),
            default => null,
        };

        return $this->change->of($batch, $version, function () use ($batch, $outline): ?StockItem {
            $batch->restIs(null !== $outline);
            $item = null === $outline ? null : $this->stockroom->shelve($batch->film(), $outline, $batch->stock()->bin(), $batch->stock()->lot(), $batch->id());
            $this->book->note('stock', null === $item ? "Batch {$batch->id()}: what was left of {$batch->stock()->number()} went into the bin" : "Batch {$batch->id()}: rest of {$batch->stock()->number()} shelved as {$item->number()}");

            return $item;
        });
    }

    /** @return list<Batch> whose rest waits to be put away, the oldest first */
    public function withRest(): array
    {
        return $this->records->getRepository(Batch::class)->findBy(['rest' => 'waits'], ['id' => 'ASC']);
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
}
