<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Yelbo\Shop\Batches\Batch;
use Yelbo\Shop\Batches\Batches;
use Yelbo\Shop\Batches\CutFollowing;
use Yelbo\Shop\Batches\CutSheets;
use Yelbo\Shop\Batches\Cutting;
use Yelbo\Shop\Batches\Nesting;
use Yelbo\Shop\Batches\PlacedOutline;
use Yelbo\Shop\Batches\PlanEditor;
use Yelbo\Shop\Batches\PlanQueue;
use Yelbo\Shop\Bench\Spoiling;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Machines\Machines;
use Yelbo\Shop\Machines\TypedFigure;
use Yelbo\Shop\Machines\TypedMachine;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\Pieces;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Journey\BatchState;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Refused;

final class BatchesTest extends ShopTestCase
{
    private function released(): Batch
    {
        return $this->release(...$this->approved()->pieces());
    }

    private function job(Batch $batch): string
    {
        return $batch->cut()->job() ?? throw new \LogicException('Not cutting.');
    }

    public function testOffcutsServeBeforeSheetsAreBegun(): void
    {
        $offcut = new StockItem($this->navy, StockItem::OFFCUT, 200_000, 200_000, 1, '4', 'M0 0H200V120H120V200H0Z');
        $this->records->persist($offcut);
        $this->records->flush();
        $docket = $this->approved(count: 1);
        $batch = $this->release(...$docket->pieces());
        self::assertSame($offcut, $batch->stock());
        $put = PlacedOutline::place($batch->places()[0])->put($this->region($docket->pieces()[0]));
        self::assertTrue(Geos::covers(SvgPath::read($offcut->outline()), $put));
    }

    public function testReleasingTakesThePiecesAndTheFilm(): void
    {
        $batch = $this->released();
        self::assertSame(2, $this->sheets->count());
        self::assertCount(2, $batch->places());
        foreach ($this->piecesIn($batch) as $piece) {
            self::assertSame(PieceState::Batched, $piece->state());
        }
        self::assertStringContainsString(
            "in batch {$batch->id()} on {$this->sheets->number()}",
            implode(' ', $this->book($this->piecesIn($batch)[0]->docket())),
        );
    }

    public function testAPieceGoesIntoOneBatchOnly(): void
    {
        $docket = $this->approved();
        $first = $this->planned(...$docket->pieces());
        $this->get(Book::class)->as('Tomas');
        $second = $this->planned(...$docket->pieces());
        $this->get(PlanEditor::class)->release($first, $first->version());
        $this->expectException(Conflict::class);
        $this->get(PlanEditor::class)->release($second, $second->version());
    }

    public function testDissolvingPutsEverythingBack(): void
    {
        $batch = $this->released();
        $pieces = $this->piecesIn($batch);
        $this->get(Cutting::class)->dissolve($batch, $batch->version());
        self::assertSame(BatchState::Dissolved, $batch->state());
        self::assertSame(3, $this->sheets->count());
        foreach ($pieces as $piece) {
            self::assertSame(PieceState::Waiting, $piece->state());
            self::assertNull($piece->batch());
        }
        $this->expectException(Refused::class);
        $this->get(Cutting::class)->dissolve($batch, $batch->version());
    }

    public function testTheCutFileHoldsEveryKeepOfTheBatchAndNoGuide(): void
    {
        $batch = $this->released();
        $xml = new \SimpleXMLElement(
            $this->get(CutSheets::class)
                ->file($batch, $this->get(CutSheets::class)->contents($batch))
                ->svg(),
        );
        $contours = 0;
        $area = 0.0;
        foreach ($this->piecesIn($batch) as $piece) {
            $contours += \count($this->region($piece)->rings());
            $area += $this->region($piece)->area();
        }
        self::assertCount(
            $contours,
            iterator_to_array($xml->g->path, false),
            'as many outlines as the art has: the object and the safe area are not among them',
        );
        $film = 0.0;
        foreach ($this->piecesIn($batch) as $nth => $piece) {
            $film += PlacedOutline::place($batch->places()[$nth])->put($this->region($piece))->area();
        }
        self::assertEqualsWithDelta($area, $film, 1e-6);
    }

    public function testACutRunsToItsEndAndItsRestWaits(): void
    {
        $batch = $this->released();
        $cutting = $this->get(Cutting::class);
        $cutting->start($batch, $batch->version(), $this->sheets);
        $job = $this->job($batch);
        self::assertSame(PieceState::Cutting, $this->piecesIn($batch)[0]->state());
        self::assertTrue($this->get(CutFollowing::class)->follow($batch->id(), $job), 'not done yet: look again');
        $this->machine()->machine->pass(5);
        self::assertTrue($this->get(CutFollowing::class)->follow($batch->id(), $job));
        $half = $this->get(Batches::class)->batch($batch->id());
        $this->records->refresh($half);
        self::assertGreaterThan(0, $half->cut()->progress());
        $this->machine()->machine->pass(10_000);
        self::assertFalse($this->get(CutFollowing::class)->follow($batch->id(), $job));
        $done = $this->get(Batches::class)->batch($batch->id());
        self::assertSame(BatchState::Cut, $done->state());
        self::assertSame(PieceState::Weeding, $this->piecesIn($done)[0]->state());
        self::assertTrue($done->hasRemnant(), 'what is left waits to be put away');
        self::assertFalse(
            $this->get(CutFollowing::class)->follow($batch->id(), $job),
            'a message that comes twice changes nothing',
        );
    }

    public function testAJamPutsTheBatchBackWithTheReasonAndFreshFilmIsTaken(): void
    {
        $batch = $this->released();
        $cutting = $this->get(Cutting::class);
        $cutting->start($batch, $batch->version(), $this->sheets);
        $this->machine()->machine->pass(5);
        $this->machine()->jam();
        self::assertFalse($this->get(CutFollowing::class)->follow($batch->id(), $this->job($batch)));
        $back = $this->get(Batches::class)->batch($batch->id());
        self::assertSame(BatchState::Released, $back->state());
        self::assertStringContainsString('jammed', (string) $back->cut()->trouble());
        self::assertSame(PieceState::Batched, $this->piecesIn($back)[0]->state());
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
        self::assertTrue($this->get(CutFollowing::class)->follow($batch->id(), $job), 'no answer: ask again');
        $this->machine()->on = true;
        $this->machine()->machine = new \Yelbo\Device\Cutter\SimulatedMachine();
        self::assertFalse($this->get(CutFollowing::class)->follow($batch->id(), $job));
        self::assertStringContainsString(
            'lost the job',
            (string) $this->get(Batches::class)->batch($batch->id())->cut()->trouble(),
        );
    }

    public function testTheCutterMeasuresWhatIsLoaded(): void
    {
        $short = new StockItem($this->navy, StockItem::OFFCUT, 300_000, 70_000, 1, '4');
        $batch = $this->released();
        $this->records->persist($short);
        $this->records->flush();
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
            $this->get(PlanQueue::class)->begin(
                $red,
                array_map(static fn (Piece $piece): array => [$piece, $piece->version()], $this->piecesIn($batch)),
                [],
                Nesting::NO_BOXES,
                null,
            );
            self::fail();
        } catch (Refusals $refusals) {
            self::assertStringContainsString('another film', $refusals->fields['pieces']);
        }
    }

    public function testABatchLaidOutForALargerMachineIsRefusedByASmallerOne(): void
    {
        $batch = $this->released();
        $this->get(Machines::class)->add(
            new TypedMachine(
                'Small board',
                'board',
                [new TypedFigure('cut-width', '90'), new TypedFigure('cut-length', '90')],
                '80',
                '45°',
                '1',
            ),
        );
        try {
            $this->get(Cutting::class)->start($batch, $batch->version(), $this->sheets);
            self::fail();
        } catch (Refusals $refusals) {
            self::assertMatchesRegularExpression(
                '~cuts 90 × 90 mm of it, and Y-\d+/\d lies beyond~',
                $refusals->fields['stock'],
            );
        }
    }

    public function testNoFilmAndNoPiecesAreSaid(): void
    {
        $docket = $this->approved();
        while ($this->sheets->count() > 0) {
            $this->sheets->take();
        }
        $this->records->flush();
        self::assertStringContainsString(
            'no Permanent, navy',
            (string) $this->planned(...$docket->pieces())->trouble(),
        );
        try {
            $this->get(PlanQueue::class)->begin($docket->pieces()[0]->film(), [], [], Nesting::NO_BOXES, null, 0);
            self::fail();
        } catch (Refusals $refusals) {
            self::assertStringContainsString('at least one', $refusals->getMessage());
        }
        $this->expectExceptionMessageMatches('~used up~');
        $this->sheets->take();
    }

    public function testASpoiledPieceLeavesTheBatchAndTheCutFile(): void
    {
        $batch = $this->released();
        $piece = $this->piecesIn($batch)[0];
        $this->get(Spoiling::class)->piece($piece, $piece->version(), 'the film is scratched');
        $this->records->clear();
        $fresh = $this->get(Batches::class)->batch($batch->id());
        self::assertCount(1, $this->piecesIn($fresh));
        self::assertCount(1, $this->get(Pieces::class)->at([PieceState::Waiting], 99));
    }
}
