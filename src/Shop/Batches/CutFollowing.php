<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Device\Cutter\Cutter;
use Yelbo\Device\Cutter\CutterStatus;
use Yelbo\Device\Cutter\CutterTrouble;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\Pieces;
use Yelbo\Shop\Records\Ticks;
use Yelbo\Trade\Journey\BatchState;
use Yelbo\Trade\Journey\PieceMove;

/** A batch on the cutter, followed to its end: what the cutter says of the job is what became of it. */
final readonly class CutFollowing
{
    /** Seconds: a machine nobody stands at any more does not begin by itself. */
    private const BEGIN_WITHIN = 30;

    public function __construct(
        private EntityManagerInterface $records,
        private Batches $batches,
        private CutSheets $sheets,
        private Pieces $pieces,
        private Cutter $cutter,
        private Book $book,
        private ClockInterface $clock,
        private Ticks $ticks,
    ) {
    }

    /**
     * Looks once how far it is, and settles what is over. Where the cutter was never told to begin, since what should
     * have told it was killed, it is told now.
     *
     * @return bool whether to look again
     */
    public function follow(int $id, string $job): bool
    {
        $this->records->clear();

        return $this->settle($id, $job, true);
    }

    /**
     * Asks what became of a job, and writes down what is over.
     *
     * @param bool $mayBegin whether a job that was handed over and not begun may be begun
     *
     * @return bool whether it is still on the cutter, as far as one knows
     */
    public function settle(int $id, string $job, bool $mayBegin): bool
    {
        $batch = $this->records->find(Batch::class, $id);
        if (null === $batch || $batch->cut()->job() !== $job) {
            return false;
        }
        try {
            $status = $this->cutter->status($job);
            if (CutterStatus::UNKNOWN === $status->state && $mayBegin && $this->isFresh($batch)) {
                $this->cutter->begin($job);
                $status = $this->cutter->status($job);
            }
        } catch (CutterTrouble $trouble) {
            // Switched off or starting again: what it was doing shows when it answers.
            return !$this->refusedToBegin($batch, $job, $trouble);
        }

        return match ($status->state) {
            CutterStatus::UNKNOWN => $batch->cut()->hasBegun()
                ? $this->stopped(
                    $batch,
                    'The cutter lost the job: it knows nothing of it any more. Load fresh film and cut again.',
                )
                : $this->notBegun($batch, 'The cutter never began: nothing was cut. Start it again.'),
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

    /** The one who started it stood at the machine just now. */
    private function isFresh(Batch $batch): bool
    {
        $at = $batch->cut()->startedAt();

        return !$batch->cut()->hasBegun()
            && null !== $at
            && $this->clock->now()->getTimestamp() - $at->getTimestamp() <= self::BEGIN_WITHIN;
    }

    /** It answers, and says that it never began: then it was asked to and would not. */
    private function refusedToBegin(Batch $batch, string $job, CutterTrouble $trouble): bool
    {
        try {
            if (CutterStatus::UNKNOWN !== $this->cutter->status($job)->state || $batch->cut()->hasBegun()) {
                return false;
            }
        } catch (CutterTrouble) {
            return false;
        }
        $this->notBegun($batch, $trouble->getMessage());

        return true;
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

    /** Keeps how far it is, and that it began. */
    public function progressed(Batch $batch, float $share): bool
    {
        $this->records
            ->getConnection()
            ->executeStatement('UPDATE batch SET progress = ?, begun = 1 WHERE id = ? AND job = ?', [
                $share,
                $batch->id(),
                $batch->cut()->job(),
            ]);
        $this->ticks->add();

        return true;
    }

    private function done(Batch $batch): bool
    {
        return $this->end($batch, function (Batch $batch): void {
            $pieces = CutSheets::pieces($this->sheets->contents($batch));
            $whole = array_filter(
                $pieces,
                fn (Piece $piece): bool => [] ===
                    array_filter(
                        $this->batches->othersWith($piece, $batch),
                        static fn (Batch $other): bool => BatchState::Cut !== $other->state(),
                    ),
            );
            $this->pieces->moveAll(array_values($whole), PieceMove::CutDone, $this->clock->now());
            $this->book->noteEach('cut-done', CutSheets::lines($pieces, "cut, batch {$batch->id()}"));
            $batch->finished();
        });
    }

    private function stopped(Batch $batch, string $trouble): bool
    {
        return $this->end($batch, function (Batch $batch) use ($trouble): void {
            $this->backToBatched($batch, $trouble);
            $batch->stopped($trouble);
        });
    }

    private function notBegun(Batch $batch, string $why): bool
    {
        return $this->end($batch, function (Batch $batch) use ($why): void {
            $this->backToBatched($batch, $why);
            $batch->notBegun($why);
        });
    }

    private function backToBatched(Batch $batch, string $why): void
    {
        $pieces = CutSheets::pieces($this->sheets->contents($batch));
        $alone = array_filter(
            $pieces,
            fn (Piece $piece): bool => [] ===
                array_filter(
                    $this->batches->othersWith($piece, $batch),
                    static fn (Batch $other): bool => BatchState::Released !== $other->state(),
                ),
        );
        $this->pieces->moveAll(array_values($alone), PieceMove::CutStopped, $this->clock->now());
        $this->book->noteEach('cut-stopped', CutSheets::lines($pieces, $why));
    }

    /**
     * Ends a cut in the records, once: the worker and somebody who wants the cutter can see its end at the same moment.
     *
     * @param \Closure(Batch): void $do
     *
     * @return false there is nothing more to look for
     */
    private function end(Batch $batch, \Closure $do): bool
    {
        $job = $batch->cut()->job();
        $this->records->wrapInTransaction(function () use ($batch, $job, $do): void {
            $this->records->refresh($batch, LockMode::PESSIMISTIC_WRITE);
            if ($batch->cut()->job() === $job) {
                $do($batch);
            }
        });

        return false;
    }
}
