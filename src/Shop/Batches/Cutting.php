<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Messenger\MessageBusInterface;
use Yelbo\Device\Cutter\Cutter;
use Yelbo\Device\Cutter\CutterTrouble;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\Pieces;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Shop\Stock\Stockroom;
use Yelbo\Trade\Journey\BatchState;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Knife\Machine;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Rule;

/**
 * A batch put on the cutter, or taken apart again.
 *
 * A cut happens once. What the cutter is to do is on record before it is told to begin, and it begins a job of one name
 * once only: whatever is killed in between, what the cutter says of the job tells what became of it.
 */
final readonly class Cutting
{
    public function __construct(
        private EntityManagerInterface $records,
        private Batches $batches,
        private CutSheets $sheets,
        private Pieces $pieces,
        private Stockroom $stockroom,
        private ShopRules $rules,
        private Cutter $cutter,
        private Change $change,
        private Book $book,
        private ClockInterface $clock,
        private MessageBusInterface $bus,
        private CutFollowing $following,
        private Printing $printing,
    ) {
    }

    /**
     * Loads the film, hands the job over, writes down that it is cut, and begins. All that takes time is worked out
     * first.
     *
     * @throws Refusals where the cutter will not take it, with what it says, or is at another batch
     * @throws Conflict
     */
    public function start(Batch $batch, int $version, StockItem $loaded): void
    {
        $this->settleOthers($batch);
        $contents = $this->sheets->contents($batch);
        $this->refuseUnfit($batch, $contents, $loaded);
        $file = $this->sheets->file($batch, $contents, $loaded)->hpgl();
        $job = \sprintf('batch-%d-%s', $batch->id(), bin2hex(random_bytes(4)));
        $this->change->refuseLate($batch, $version);
        try {
            [$width, $height] = $batch->sizeOn($loaded);
            $this->cutter->load($loaded->film()->name(), $width, $height);
            $this->cutter->send($job, $batch->film()->name(), $height, $file);
        } catch (CutterTrouble $trouble) {
            throw Refusals::at('stock', $trouble->getMessage());
        }
        $this->change->apply($batch, $version, function () use ($batch, $loaded, $job, $contents): void {
            $this->refuseSecond($batch);
            $this->swap($batch, $loaded);
            $batch->start($job, $this->clock->now());
            $pieces = CutSheets::pieces($contents);
            // A piece in parts on two sheets is under the knife from the first one on.
            $this->pieces->moveAll(
                array_values(
                    array_filter($pieces, static fn (Piece $piece): bool => PieceState::Batched === $piece->state()),
                ),
                PieceMove::StartCut,
                $this->clock->now(),
            );
            $this->book->noteEach('start-cut', CutSheets::lines($pieces, "on the cutter, batch {$batch->id()}"));
            $this->records->flush();
            $this->bus->dispatch(new FollowCut($batch->id(), $job));
        });
        $this->begin($batch, $job);
    }

    /**
     * @param list<PlacedPiece> $contents
     *
     * @throws Refusals where what is loaded cannot be cut so
     */
    private function refuseUnfit(Batch $batch, array $contents, StockItem $loaded): void
    {
        if ($loaded->film() !== $batch->film()) {
            $film = $loaded->film()->name();
            throw Refusals::at(
                'stock',
                "This batch is for {$batch->film()->name()}, and {$loaded->number()} is $film.",
            );
        }
        if ([] === $contents) {
            throw Refusals::at(
                'stock',
                'All pieces of this batch were spoiled and went back. There is nothing to cut.',
            );
        }
        $wet = $this->printing->run($batch)?->holdsUp($this->clock->now());
        if (null !== $wet) {
            throw Refusals::at('stock', $wet);
        }
        $shortest = $this->rules->current()->micrometres(Rule::ShortestLoad);
        if ($loaded->height() < $shortest) {
            throw Refusals::at(
                'stock',
                \sprintf(
                    'The machine takes film from %s on, and %s is %s long. Load a longer piece.',
                    Length::micrometres($shortest)->inMetric(),
                    $loaded->number(),
                    Length::micrometres($loaded->height())->inMetric(),
                ),
            );
        }
        $this->refuseOutOfReach($batch, $contents);
    }

    /**
     * Tells the cutter to begin what is on record. Where it does not answer nobody can say whether it did: the batch
     * stays on the cutter until it answers, and is then settled by what it says.
     *
     * @throws Refusals where the cutter says that it will not
     */
    private function begin(Batch $batch, string $job): void
    {
        try {
            $this->cutter->begin($job);
            $this->following->progressed($batch, 0.0);
        } catch (CutterTrouble $trouble) {
            $this->following->settle($batch->id(), $job, false);
            $this->records->refresh($batch);
            if (BatchState::Released === $batch->state()) {
                throw Refusals::at('stock', $trouble->getMessage());
            }
        }
    }

    /**
     * What the cutter did with other batches is settled before it gets new film.
     *
     * @throws Refusals while it is still at one
     */
    private function settleOthers(Batch $batch): void
    {
        foreach ($this->batches->onCutter() as $other) {
            if ($other !== $batch && $this->following->settle($other->id(), (string) $other->cut()->job(), true)) {
                throw self::busyWith($other->id());
            }
        }
    }

    /**
     * Two that start at once: the second waits here for the first, and is told.
     *
     * @throws Refusals
     */
    private function refuseSecond(Batch $batch): void
    {
        $other = $this->batches->lockOnCutter();
        if (null !== $other && $other !== $batch->id()) {
            throw self::busyWith($other);
        }
    }

    private static function busyWith(int $batch): Refusals
    {
        return Refusals::at('stock', "Batch $batch is on the cutter. Wait until it is done, or stop it first.");
    }

    /**
     * Takes a batch apart again: its pieces wait for film, its stock is back on the shelf.
     *
     * @throws Conflict
     */
    public function dissolve(Batch $batch, int $version): void
    {
        $this->change->apply($batch, $version, function () use ($batch): void {
            $pieces = CutSheets::pieces($this->sheets->contents($batch));
            $batch->dissolve();
            if (!$batch->cut()->isRuined()) {
                $this->stockroom->putBack($batch->stock(), $batch->taken(), $batch->id());
            }
            foreach ($pieces as $piece) {
                $piece->takeOut($this->clock->now());
                $this->book->note(
                    'unbatch',
                    "{$piece->tag()} taken out of batch {$batch->id()}",
                    $piece->docket()->number(),
                    $piece->nth(),
                );
            }
        });
    }

    /** The number of the batch that a job of the cutter's cuts; none for a job of somebody else's. */
    public static function batchOf(?string $job): ?int
    {
        return 1 === preg_match('~^batch-(\d+)-~', $job ?? '', $found) ? (int) $found[1] : null;
    }

    /** The film planned goes back on the shelf unless it was already cut into. */
    private function swap(Batch $batch, StockItem $loaded): void
    {
        $ruined = $batch->cut()->isRuined();
        if ($loaded === $batch->stock() && !$ruined) {
            return;
        }
        if (!$ruined) {
            $this->stockroom->putBack($batch->stock(), $batch->taken(), $batch->id());
        }
        $this->stockroom->take($loaded, StockItem::ROLL === $loaded->kind() ? $batch->height() : 0, $batch->id());
        $batch->loaded($loaded);
    }

    /**
     * The machine in use can be another than the one it was laid out for.
     *
     * @param list<PlacedPiece> $contents
     */
    private function refuseOutOfReach(Batch $batch, array $contents): void
    {
        $reach = Machine::reach($this->rules->current(), $batch->width(), $batch->height());
        foreach ($contents as $placed) {
            if (null === $reach || !$reach->holds($this->sheets->box($placed))) {
                throw Refusals::at(
                    'stock',
                    null === $reach
                        ? 'The machine in use does not take film as short as this.'
                        : \sprintf(
                            'The machine in use cuts %s × %s mm of it, and %s lies beyond. Take the batch apart and '
                                .'lay it out again, or use the machine it was laid out for.',
                            Length::micrometres($reach->width())->inMetric(),
                            Length::micrometres($reach->height())->inMetric(),
                            $placed->piece->tag(),
                        ),
                );
            }
        }
    }
}
