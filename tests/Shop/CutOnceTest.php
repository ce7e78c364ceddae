<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use PHPUnit\Framework\Attributes\DataProvider;
use Yelbo\Device\Cutter\CutterStatus;
use Yelbo\Device\Cutter\CutterTrouble;
use Yelbo\Shop\Batches\Batch;
use Yelbo\Shop\Batches\Batches;
use Yelbo\Shop\Batches\Cutting;
use Yelbo\Shop\Batches\FollowCut;
use Yelbo\Shop\Batches\FollowCutHandler;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Trade\Journey\BatchState;
use Yelbo\Trade\Journey\PieceState;

/** Cut exactly once, booked exactly once, wherever in between something is killed. */
final class CutOnceTest extends ShopTestCase
{
    private const OF_ONE = 1;

    private function batch(string $words = 'Kestrel'): Batch
    {
        return $this->release(...$this->approved($words, self::OF_ONE)->pieces());
    }

    /** Starts it, and is killed where the fault says; what comes after is another process. */
    private function startAndBeKilled(Batch $batch, string $at): void
    {
        $this->machine()->faults = [$at => new \Error('killed')];
        try {
            $this->get(Cutting::class)->start($batch, $batch->version(), $this->sheets);
            self::fail('It was not killed.');
        } catch (\Error $killed) {
            self::assertSame('killed', $killed->getMessage());
        }
        $this->records->clear();
    }

    private function fresh(Batch $batch): Batch
    {
        $this->records->clear();

        return $this->get(Batches::class)->batch($batch->id());
    }

    /** The worker does what was left for it. */
    private function follow(Batch $batch): void
    {
        $this->get(FollowCutHandler::class)(new FollowCut($batch->id(), (string) $this->fresh($batch)->cut()->job()));
    }

    private function left(): int
    {
        $count = $this->records
            ->getConnection()
            ->fetchOne('SELECT count FROM stock_item WHERE id = ?', [$this->sheets->id()]);
        \assert(is_numeric($count));

        return (int) $count;
    }

    /** @return int how often the book says that the batch was cut */
    private function booked(Batch $batch): int
    {
        return \count(
            array_filter(
                $this->get(Book::class)->page(null),
                static fn ($entry): bool => 'cut-done' === $entry->what()
                    && str_ends_with($entry->says(), "batch {$batch->id()}"),
            ),
        );
    }

    private function assertCutOnce(Batch $batch): void
    {
        $cut = $this->fresh($batch);
        self::assertSame(BatchState::Cut, $cut->state());
        self::assertCount(1, $this->machine()->begun);
        self::assertSame(1, $this->booked($batch));
        self::assertSame(PieceState::Weeding, $this->piecesIn($cut)[0]->state());
        self::assertSame(2, $this->left(), 'one sheet of three');
    }

    public function testKilledBeforeItIsOnRecordNothingIsCutAndNothingIsBooked(): void
    {
        $batch = $this->batch();
        $this->startAndBeKilled($batch, 'after send');
        self::assertSame(BatchState::Released, $this->fresh($batch)->state());
        self::assertSame([], $this->machine()->begun);
        $again = $this->fresh($batch);
        $this->get(Cutting::class)->start($again, $again->version(), $again->stock());
        $this->machine()->machine->pass(10_000);
        $this->follow($batch);
        $this->assertCutOnce($batch);
    }

    /** @return iterable<string, array{string}> */
    public static function onRecord(): iterable
    {
        yield 'before the cutter is told' => ['before begin'];
        yield 'after the cutter has begun' => ['after begin'];
    }

    #[DataProvider('onRecord')]
    public function testKilledOnceItIsOnRecordTheWorkerBringsItToItsEnd(string $at): void
    {
        $batch = $this->batch();
        $this->startAndBeKilled($batch, $at);
        $this->clock->sleep(5);
        $this->follow($batch);
        self::assertSame(CutterStatus::CUTTING, $this->machine()->status()->state);
        $this->follow($batch);
        $this->machine()->machine->pass(10_000);
        $this->follow($batch);
        $this->follow($batch);
        $this->assertCutOnce($batch);
    }

    public function testAMachineNobodyStandsAtAnyMoreDoesNotBeginByItself(): void
    {
        $batch = $this->batch();
        $this->startAndBeKilled($batch, 'before begin');
        $this->clock->sleep(600);
        $this->follow($batch);
        $back = $this->fresh($batch);
        self::assertSame(BatchState::Released, $back->state());
        self::assertSame([], $this->machine()->begun);
        self::assertStringContainsString('nothing was cut', (string) $back->cut()->trouble());
        self::assertSame(PieceState::Batched, $this->piecesIn($back)[0]->state());
        $this->get(Cutting::class)->start($back, $back->version(), $back->stock());
        $this->machine()->machine->pass(10_000);
        $this->follow($batch);
        $this->assertCutOnce($batch);
    }

    public function testAnAnswerThatIsLostIsNotToldAsNothing(): void
    {
        $batch = $this->batch();
        $this->machine()->faults = ['after begin' => new CutterTrouble('It broke off in the middle of its answer.')];
        $this->get(Cutting::class)->start($batch, $batch->version(), $this->sheets);
        self::assertSame(BatchState::Cutting, $batch->state());
        $this->machine()->machine->pass(10_000);
        $this->follow($batch);
        $this->assertCutOnce($batch);
    }

    public function testACutterThatWillNotBeginIsSaidAndNothingIsLost(): void
    {
        $batch = $this->batch();
        $this->machine()->faults = ['before begin' => new CutterTrouble('The lid is open.')];
        try {
            $this->get(Cutting::class)->start($batch, $batch->version(), $this->sheets);
            self::fail();
        } catch (Refusals $refusals) {
            self::assertSame('The lid is open.', $refusals->fields['stock']);
        }
        $back = $this->fresh($batch);
        self::assertSame(BatchState::Released, $back->state());
        $this->get(Cutting::class)->start($back, $back->version(), $back->stock());
        $this->machine()->machine->pass(10_000);
        $this->follow($batch);
        $this->assertCutOnce($batch);
    }

    public function testACutterThatWentSilentBeforeItBeganIsAskedUntilItAnswers(): void
    {
        $batch = $this->batch();
        $machine = $this->machine();
        $machine->faults = ['before begin' => new \Error('killed')];
        try {
            $this->get(Cutting::class)->start($batch, $batch->version(), $this->sheets);
        } catch (\Error) {
            $machine->on = false;
        }
        $this->follow($batch);
        self::assertSame(BatchState::Cutting, $this->fresh($batch)->state(), 'nobody knows yet');
        $machine->on = true;
        $this->follow($batch);
        $machine->machine->pass(10_000);
        $this->follow($batch);
        $this->assertCutOnce($batch);
    }

    public function testOneThatIsJustDoneIsSettledBeforeTheNextIsLoaded(): void
    {
        [$first, $second] = [$this->batch(), $this->batch('Merlin')];
        $cutting = $this->get(Cutting::class);
        $cutting->start($first, $first->version(), $this->sheets);
        $this->machine()->machine->pass(10_000);
        $cutting->start($second, $second->version(), $second->stock());
        self::assertSame(BatchState::Cut, $this->fresh($first)->state());
        self::assertSame(1, $this->booked($first));
        self::assertSame(BatchState::Cutting, $this->fresh($second)->state());
        $this->follow($first);
        self::assertSame(1, $this->booked($first));
    }

    public function testNothingIsLoadedWhileTheKnifeIsOnItsWay(): void
    {
        [$first, $second] = [$this->batch(), $this->batch('Merlin')];
        $cutting = $this->get(Cutting::class);
        $cutting->start($first, $first->version(), $this->sheets);
        $this->machine()->machine->pass(1);
        try {
            $cutting->start($second, $second->version(), $second->stock());
            self::fail();
        } catch (Refusals $refusals) {
            self::assertStringContainsString("Batch {$first->id()} is on the cutter", $refusals->fields['stock']);
        }
        self::assertSame(BatchState::Released, $this->fresh($second)->state());
        $this->machine()->machine->pass(10_000);
        $this->follow($first);
        self::assertSame(1, $this->booked($first));
    }
}
