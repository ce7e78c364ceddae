<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Yelbo\Shop\Batches\Batch;
use Yelbo\Shop\Batches\Batching;
use Yelbo\Shop\Batches\BatchState;
use Yelbo\Shop\Batches\Cutting;
use Yelbo\Shop\Machines\Machines;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Overtaken;
use Yelbo\Shop\Pieces\Bench;
use Yelbo\Shop\Pieces\Piece;
use Yelbo\Shop\Refusals;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Refused;

final class BatchesTest extends ShopTestCase
{
    /** @return list<array{Piece, int}> */
    private function chosen(Docket ...$dockets): array
    {
        $chosen = [];
        foreach ($dockets as $docket) {
            foreach ($docket->pieces() as $piece) {
                $chosen[] = [$piece, $piece->version()];
            }
        }

        return $chosen;
    }

    private function released(): Batch
    {
        return $this->get(Batching::class)->release($this->navy, $this->chosen($this->approved()));
    }

    private function job(Batch $batch): string
    {
        return $batch->job() ?? throw new \LogicException('Not cutting.');
    }

    public function testOffcutsServeBeforeSheetsAreBegun(): void
    {
        $offcut = new StockItem($this->navy, StockItem::OFFCUT, 200_000, 200_000, 1, '4', 'M0 0H200V120H120V200H0Z');
        $this->records->persist($offcut);
        $this->records->flush();
        $docket = $this->approved(count: 1);
        $plan = $this->get(Batching::class)->plan($this->navy, $docket->pieces());
        self::assertSame($offcut, $plan->stock);
        $put = $plan->sheet->places[0]->put($docket->pieces()[0]->proof()->region());
        self::assertTrue(Geos::covers(SvgPath::read($offcut->outline()), $put));
    }

    public function testReleasingTakesThePiecesAndTheFilm(): void
    {
        $batch = $this->released();
        self::assertSame(2, $this->sheets->count());
        self::assertCount(2, $batch->places());
        foreach ($batch->pieces() as $piece) {
            self::assertSame(PieceState::Batched, $piece->state());
        }
        self::assertStringContainsString("in batch {$batch->id()} on {$this->sheets->number()}", implode(' ', $this->book($batch->pieces()[0]->docket())));
    }

    public function testAPieceGoesIntoOneBatchOnly(): void
    {
        $docket = $this->approved();
        $chosen = $this->chosen($docket);
        $this->get(Batching::class)->release($this->navy, $chosen);
        $this->expectException(Overtaken::class);
        $this->get(Batching::class)->release($this->navy, $chosen);
    }

    public function testDissolvingPutsEverythingBack(): void
    {
        $batch = $this->released();
        $pieces = $batch->pieces();
        $this->get(Batching::class)->dissolve($batch, $batch->version());
        self::assertSame(BatchState::Dissolved, $batch->state());
        self::assertSame(3, $this->sheets->count());
        foreach ($pieces as $piece) {
            self::assertSame(PieceState::Waiting, $piece->state());
            self::assertNull($piece->batch());
        }
        $this->expectException(Refused::class);
        $this->get(Batching::class)->dissolve($batch, $batch->version());
    }

    public function testTheCutFileHoldsEveryKeepOfTheBatchAndNoGuide(): void
    {
        $batch = $this->released();
        $xml = new \SimpleXMLElement($this->get(Batching::class)->cutFile($batch)->svg());
        $contours = 0;
        $area = 0.0;
        foreach ($batch->pieces() as $piece) {
            $contours += \count($piece->proof()->region()->rings());
            $area += $piece->proof()->region()->area();
        }
        self::assertCount($contours, iterator_to_array($xml->g->path, false), 'as many outlines as the art has: the object and the safe area are not among them');
        $film = 0.0;
        foreach ($batch->pieces() as $nth => $piece) {
            $film += Batch::place($batch->places()[$nth])->put($piece->proof()->region())->area();
        }
        self::assertEqualsWithDelta($area, $film, 1e-6);
    }

    public function testACutRunsToItsEndAndItsRestWaits(): void
    {
        $batch = $this->released();
        $cutting = $this->get(Cutting::class);
        $cutting->start($batch, $batch->version(), $this->sheets);
        $job = $this->job($batch);
        self::assertSame(PieceState::Cutting, $batch->pieces()[0]->state());
        self::assertTrue($cutting->follow($batch->id(), $job), 'not done yet: look again');
        $this->machine()->machine->pass(5);
        self::assertTrue($cutting->follow($batch->id(), $job));
        $half = $this->get(Batching::class)->batch($batch->id());
        $this->records->refresh($half);
        self::assertGreaterThan(0, $half->progress());
        $this->machine()->machine->pass(10_000);
        self::assertFalse($cutting->follow($batch->id(), $job));
        $done = $this->get(Batching::class)->batch($batch->id());
        self::assertSame(BatchState::Cut, $done->state());
        self::assertSame(PieceState::Weeding, $done->pieces()[0]->state());
        self::assertTrue($done->hasRest(), 'what is left waits to be put away');
        self::assertFalse($cutting->follow($batch->id(), $job), 'a message that comes twice changes nothing');
    }

    public function testAJamPutsTheBatchBackWithTheReasonAndFreshFilmIsTaken(): void
    {
        $batch = $this->released();
        $cutting = $this->get(Cutting::class);
        $cutting->start($batch, $batch->version(), $this->sheets);
        $this->machine()->machine->pass(5);
        $this->machine()->jam();
        self::assertFalse($cutting->follow($batch->id(), $this->job($batch)));
        $back = $this->get(Batching::class)->batch($batch->id());
        self::assertSame(BatchState::Released, $back->state());
        self::assertStringContainsString('jammed', (string) $back->trouble());
        self::assertSame(PieceState::Batched, $back->pieces()[0]->state());
        $sheets = $this->get(Shelf::class)->item($this->sheets->id());
        self::assertSame(2, $sheets->count());
        $cutting->start($back, $back->version(), $sheets);
        self::assertSame(1, $sheets->count(), 'the jammed sheet is gone, another one is loaded');
    }

    public function testACutterThatLostTheJobIsNoticed(): void
    {
        $batch = $this->released();
        $cutting = $this->get(Cutting::class);
        $cutting->start($batch, $batch->version(), $this->sheets);
        $job = $this->job($batch);
        $this->machine()->on = false;
        self::assertTrue($cutting->follow($batch->id(), $job), 'no answer: ask again');
        $this->machine()->on = true;
        $this->machine()->machine = new \Yelbo\Device\Cutter\SimulatedMachine();
        self::assertFalse($cutting->follow($batch->id(), $job));
        self::assertStringContainsString('lost the job', (string) $this->get(Batching::class)->batch($batch->id())->trouble());
    }

    public function testTheCutterMeasuresWhatIsLoaded(): void
    {
        $short = new StockItem($this->navy, StockItem::OFFCUT, 300_000, 70_000, 1, '4');
        $this->records->persist($short);
        $batch = $this->released();
        try {
            $this->get(Cutting::class)->start($batch, $batch->version(), $short);
            self::fail();
        } catch (Refusals $refusals) {
            self::assertStringContainsString('measures 300 × 70 mm', $refusals->fields['stock']);
        }
    }

    public function testFilmOfAnotherKindIsRefusedBeforeTheCutterIsAsked(): void
    {
        $red = new FilmOnShelf(Film::Permanent, 'oxide red', '#8f1f1b');
        $wrong = new StockItem($red, StockItem::SHEET, 300_000, 600_000, 1, '2');
        $this->records->persist($red);
        $this->records->persist($wrong);
        $batch = $this->released();
        try {
            $this->get(Cutting::class)->start($batch, $batch->version(), $wrong);
            self::fail();
        } catch (Refusals $refusals) {
            self::assertStringContainsString('oxide red', $refusals->fields['stock']);
        }
        try {
            $this->get(Batching::class)->plan($red, $batch->pieces());
            self::fail();
        } catch (Refusals $refusals) {
            self::assertStringContainsString('another film', $refusals->fields['pieces']);
        }
    }

    public function testABatchLaidOutForALargerMachineIsRefusedByASmallerOne(): void
    {
        $batch = $this->released();
        $this->get(Machines::class)->add('Small board', 'board', ['cut-width' => '90', 'cut-length' => '90'], '80', '45°', '1');
        try {
            $this->get(Cutting::class)->start($batch, $batch->version(), $this->sheets);
            self::fail();
        } catch (Refusals $refusals) {
            self::assertMatchesRegularExpression('~cuts 90 × 90 mm of it, and Y-\d+/\d lies beyond~', $refusals->fields['stock']);
        }
    }

    public function testNoFilmAndNoPiecesAreSaid(): void
    {
        $docket = $this->approved();
        while ($this->sheets->count() > 0) {
            $this->sheets->take();
        }
        $this->records->flush();
        $batching = $this->get(Batching::class);
        foreach (['no Permanent, navy' => $docket->pieces(), 'at least one' => []] as $says => $pieces) {
            try {
                $batching->plan($this->navy, $pieces);
                self::fail();
            } catch (Refusals $refusals) {
                self::assertStringContainsString($says, $refusals->getMessage());
            }
        }
        $this->expectExceptionMessageMatches('~used up~');
        $this->sheets->take();
    }

    public function testASpoiledPieceLeavesTheBatchAndTheCutFile(): void
    {
        $batch = $this->released();
        $piece = $batch->pieces()[0];
        $this->get(Bench::class)->move($piece, $piece->version(), PieceMove::Spoil, 'the film is scratched');
        $this->records->clear();
        $fresh = $this->get(Batching::class)->batch($batch->id());
        self::assertCount(1, $fresh->pieces());
        self::assertCount(1, $this->get(Batching::class)->present($fresh));
        self::assertCount(1, $this->get(Batching::class)->waiting());
    }
}
