<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Messenger\MessageBusInterface;
use Yelbo\Device\Cutter\Cutter;
use Yelbo\Device\Cutter\CutterStatus;
use Yelbo\Device\Cutter\CutterTrouble;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Records\Change;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Shop\Records\Ticks;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Shop\Stock\Stockroom;
use Yelbo\Trade\Journey\BatchState;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Knife\Machine;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Rule;

/** A batch on the cutter: started, followed, done or stopped. */
final readonly class Cutting
{
    public function __construct(
        private EntityManagerInterface $records,
        private Batches $batches,
        private CutSheets $sheets,
        private Stockroom $stockroom,
        private ShopRules $rules,
        private Cutter $cutter,
        private Change $change,
        private Book $book,
        private ClockInterface $clock,
        private MessageBusInterface $bus,
        private Ticks $ticks,
    ) {
    }

    /**
     * Loads the film and starts the cut. All that takes time is worked out first: the transaction only writes down and
     * starts.
     *
     * @throws Refusals where the cutter will not take it, with what it says
     * @throws Conflict
     */
    public function start(Batch $batch, int $version, StockItem $loaded): void
    {
        if ($loaded->film() !== $batch->film()) {
            throw Refusals::at(
                'stock',
                "This batch is for {$batch->film()->name()}, and {$loaded->number()} is {$loaded->film()->name()}.",
            );
        }
        $contents = $this->sheets->contents($batch);
        if ([] === $contents) {
            throw Refusals::at(
                'stock',
                'All pieces of this batch were spoiled and went back. There is nothing to cut.',
            );
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
            $this->swap($batch, $loaded);
            $batch->start($job);
            $pieces = CutSheets::pieces($contents);
            foreach ($pieces as $piece) {
                // A piece in parts on two sheets is under the knife from the first one on.
                if (PieceState::Batched === $piece->state()) {
                    $piece->move(PieceMove::StartCut, $this->clock->now());
                }
            }
            $this->noteAll($pieces, 'start-cut', "on the cutter, batch {$batch->id()}");
            $this->records->flush();
            try {
                $this->cutter->begin($job);
            } catch (CutterTrouble $trouble) {
                throw Refusals::at('stock', $trouble->getMessage());
            }
            $this->bus->dispatch(new FollowCut($batch->id(), $job));
        });
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
            if (null === $batch->trouble()) {
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

    /**
     * Looks once how far it is.
     *
     * @return bool whether to look again
     */
    public function follow(int $id, string $job): bool
    {
        $this->records->clear();
        $batch = $this->records->find(Batch::class, $id);
        if (null === $batch || $batch->job() !== $job) {
            return false;
        }
        try {
            $status = $this->cutter->status();
        } catch (CutterTrouble) {
            // Switched off or starting again: what it was doing shows when it answers.
            return true;
        }
        if ($status->job !== $job) {
            $this->stopped(
                $batch,
                'The cutter lost the job: it was switched off or started another. Load fresh film and cut again.',
            );

            return false;
        }

        return match ($status->state) {
            CutterStatus::DONE => $this->done($batch),
            CutterStatus::FAILED, CutterStatus::STOPPED => $this->stopped(
                $batch,
                \sprintf(
                    '%s It had cut %d %%. Load fresh film and cut again.',
                    $status->says,
                    (int) round(100 * $status->share),
                ),
            ),
            default => $this->progressed($batch, $status->share),
        };
    }

    /** Says in the book that a batch was out of sight for a while. */
    public function noteLost(int $batch): void
    {
        $this->book->note(
            'cut-unfollowed',
            "Batch $batch could not be followed on the cutter for a while. Look at the machine.",
        );
        $this->records->flush();
    }

    private function progressed(Batch $batch, float $share): bool
    {
        $this->records
            ->getConnection()
            ->executeStatement('UPDATE batch SET progress = ? WHERE id = ? AND job = ?', [
                $share,
                $batch->id(),
                $batch->job(),
            ]);
        $this->ticks->add();

        return true;
    }

    private function done(Batch $batch): bool
    {
        $this->change->apply($batch, $batch->version(), function () use ($batch): void {
            $pieces = CutSheets::pieces($this->sheets->contents($batch));
            foreach ($pieces as $piece) {
                $open = array_filter(
                    $this->batches->othersWith($piece, $batch),
                    static fn (Batch $other): bool => BatchState::Cut !== $other->state(),
                );
                if ([] === $open) {
                    $piece->move(PieceMove::CutDone, $this->clock->now());
                }
            }
            $this->noteAll($pieces, 'cut-done', "cut, batch {$batch->id()}");
            $batch->finished();
        });

        return false;
    }

    private function stopped(Batch $batch, string $trouble): bool
    {
        $this->change->apply($batch, $batch->version(), function () use ($batch, $trouble): void {
            $pieces = CutSheets::pieces($this->sheets->contents($batch));
            foreach ($pieces as $piece) {
                $begun = array_filter(
                    $this->batches->othersWith($piece, $batch),
                    static fn (Batch $other): bool => BatchState::Released !== $other->state(),
                );
                if ([] === $begun) {
                    $piece->move(PieceMove::CutStopped, $this->clock->now());
                }
            }
            $this->noteAll($pieces, 'cut-stopped', $trouble);
            $batch->stopped($trouble);
        });

        return false;
    }

    /** The film planned goes back on the shelf unless it was already cut into. */
    private function swap(Batch $batch, StockItem $loaded): void
    {
        $ruined = null !== $batch->trouble();
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
                            'The machine in use cuts %s × %s mm of it, and %s lies beyond. Take the batch apart and lay it out again, or use the machine it was laid out for.',
                            Length::micrometres($reach->width())->inMetric(),
                            Length::micrometres($reach->height())->inMetric(),
                            $placed->piece->tag(),
                        ),
                );
            }
        }
    }

    /** @param list<Piece> $pieces */
    private function noteAll(array $pieces, string $what, string $says): void
    {
        foreach ($pieces as $piece) {
            $this->book->note($what, "{$piece->tag()} $says", $piece->docket()->number(), $piece->nth());
        }
    }
}
