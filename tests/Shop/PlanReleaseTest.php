<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Yelbo\Shop\Batches\Batch;
use Yelbo\Shop\Batches\Batches;
use Yelbo\Shop\Batches\CutFollowing;
use Yelbo\Shop\Batches\CutParts;
use Yelbo\Shop\Batches\CutSheets;
use Yelbo\Shop\Batches\Cutting;
use Yelbo\Shop\Batches\PlanEditor;
use Yelbo\Shop\Bench\WorkPlans;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Machines\Machines;
use Yelbo\Shop\Machines\TypedFigure;
use Yelbo\Shop\Machines\TypedMachine;
use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Shop\Stock\Stockroom;
use Yelbo\Trade\Bench\CutPart;
use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Journey\BatchState;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Measure\Units;

final class PlanReleaseTest extends PlansTestCase
{
    public function testAPlanIsReleasedSheetBySheetAndPiecesAndFilmAreTaken(): void
    {
        $pieces = $this->pieces('Kestrel');
        $offcut = $this->get(Stockroom::class)->receive($this->navy, StockItem::OFFCUT, 200_000, 75_000, 1, '4');
        $nesting = $this->begun($pieces, [], 'piece');
        $plan = $this->plan($nesting);
        $batches = $this->get(PlanEditor::class)->release($plan, $plan->version());
        self::assertCount(2, $batches, 'one on the offcut, one on a sheet');
        self::assertSame(
            [$batches[0]->id(), $batches[0]->id()],
            array_map(static fn (Batch $batch): int => $batch->release(), $batches),
        );
        self::assertSame(0, $this->get(Shelf::class)->item($offcut->id())->count());
        foreach ($batches as $batch) {
            self::assertCount(1, $batch->boxes(), 'its weed box');
            $contents = $this->get(CutSheets::class)->contents($batch);
            $svg = $this->get(CutSheets::class)->file($batch, $contents)->svg();
            preg_match_all('~ d="([^"]+)"~', $svg, $paths);
            self::assertEqualsWithDelta(
                array_sum(
                    array_map(static fn (string $d): float => SvgPath::read($d)->outlineLength(), $paths[1]),
                ) / 1000,
                $this->get(CutSheets::class)->metres($contents, $batch->boxes()),
                0.01,
                'the way of the knife is that of its file, weed boxes too',
            );
            $piece = $contents[0]->piece;
            self::assertSame(PieceState::Batched, $piece->state());
            self::assertSame(
                \count($this->region($piece)->rings()) + 1,
                substr_count($svg, '<path'),
                'outlines and the box',
            );
        }
        $this->expectExceptionMessageMatches('~was released~');
        $this->get(PlanEditor::class)->release($plan, $plan->version());
    }

    public function testWhoComesSecondForAnOffcutIsToldWhoHasIt(): void
    {
        $offcut = $this->get(Stockroom::class)->receive($this->navy, StockItem::OFFCUT, 200_000, 110_000, 1, '4');
        $first = $this->begun($this->approved('Kestrel', 1)->pieces());
        $second = $this->begun($this->approved('Teal', 1)->pieces());
        $plan = $this->plan($first);
        $this->get(PlanEditor::class)->release($plan, $plan->version());
        $late = $this->plan($second);
        try {
            $this->get(PlanEditor::class)->release($late, $late->version());
            self::fail();
        } catch (Conflict $conflict) {
            self::assertStringContainsString(
                "{$offcut->number()} was taken by Yelbo for batch",
                $conflict->getMessage(),
            );
        }
    }

    public function testAPlanWithNothingOnItIsNotReleased(): void
    {
        $this->get(Stockroom::class)->correct($this->sheets, $this->sheets->version(), 0, 'all lent');
        $this->get(Stockroom::class)->receive($this->navy, StockItem::OFFCUT, 120_000, 80_000, 1, '4');
        $plan = $this->plan($this->begun($this->approved('Kestrel', 1)->pieces()));
        self::assertSame([], $this->laid($plan)['sheets']);
        self::assertStringContainsString('larger than any stock', $this->laid($plan)['left'][0]['why']);
        $this->expectException(Refusals::class);
        $this->expectExceptionMessageMatches('~Nothing lies on any sheet~');
        $this->get(PlanEditor::class)->release($plan, $plan->version());
    }

    public function testAPieceTakenMeanwhileIsNamedWithWhoTookIt(): void
    {
        $pieces = $this->approved('Kestrel', 1)->pieces();
        [$mine, $theirs] = [$this->begun($pieces), $this->begun($pieces, [], 'piece')];
        $plan = $this->plan($theirs);
        $this->get(PlanEditor::class)->release($plan, $plan->version());
        $late = $this->plan($mine);
        $this->expectException(Conflict::class);
        $this->expectExceptionMessageMatches('~Y-\d+/1 was taken meanwhile by Yelbo~');
        $this->get(PlanEditor::class)->release($late, $late->version());
    }

    public function testADecalLongerThanTheMachineIsCutInPanelsOnTwoSheetsAndIsDoneWhenBothAre(): void
    {
        $this->get(Machines::class)->add(
            new TypedMachine(
                'Small board',
                'board',
                [new TypedFigure('cut-length', '100'), new TypedFigure('cut-width', '140')],
                '80',
                '45°',
                '1',
            ),
        );
        $pieces = $this->approved('Kestrel', 1)->pieces();
        $plan = $this->plan($this->begun($pieces));
        self::assertSame([], $this->laid($plan)['left'], json_encode($this->laid($plan), \JSON_THROW_ON_ERROR));
        $batches = $this->get(PlanEditor::class)->release($plan, $plan->version());
        self::assertGreaterThan(1, \count($batches), 'the panels do not fit on one board');
        $cutting = $this->get(Cutting::class);
        foreach ($batches as $nth => $batch) {
            self::assertCount(1, $this->piecesIn($batch));
            foreach ($batch->places() as $at) {
                self::assertArrayHasKey('part', $at);
                self::assertGreaterThan(
                    1,
                    \count($this->get(Outlines::class)->region($at['outline'])->pieces()),
                    'register marks beside the letters',
                );
            }
            $fresh = $this->get(Batches::class)->batch($batch->id());
            $cutting->start($fresh, $fresh->version(), $fresh->stock());
            $this->machine()->machine->pass(100_000);
            self::assertFalse($this->get(CutFollowing::class)->follow($batch->id(), (string) $fresh->cut()->job()));
            $piece = $this->records->find(Piece::class, $pieces[0]->id());
            self::assertSame($nth < \count($batches) - 1 ? PieceState::Cutting : PieceState::Weeding, $piece?->state());
        }
        self::assertSame(BatchState::Cut, $this->get(Batches::class)->batch($batches[0]->id())->state());
        $this->refuseOtherParts($batches);
    }

    /**
     * Parts keep the numbers, sizes and places of their sheets to the bench, where they are one decal again.
     *
     * @param list<Batch> $batches
     */
    private function refuseOtherParts(array $batches): void
    {
        $onSheets = [];
        foreach ($batches as $batch) {
            foreach ($batch->places() as $at) {
                $onSheets[($at['part'] ?? -1) + 1] = $this->get(Outlines::class)->region($at['outline'])->box();
            }
        }
        ksort($onSheets);
        $piece = $this->piecesIn($this->get(Batches::class)->batch($batches[0]->id()))[0];
        $parts = $this->get(CutParts::class)->of($piece);
        self::assertEquals(
            $onSheets,
            array_combine(
                array_map(static fn (CutPart $part): int => $part->number, $parts),
                array_map(static fn (CutPart $part): Box => $part->box, $parts),
            ),
        );
        self::assertStringContainsString(
            "part 2 ({$parts[1]->size()->in(Units::Metric)}) at ",
            $this->get(WorkPlans::class)->of($piece->thing())->keyed()['lay-parts']->how,
        );
    }

    public function testARollIsCutToLengthAndTheRestStaysOnIt(): void
    {
        $this->get(Stockroom::class)->correct($this->sheets, $this->sheets->version(), 0, 'all lent');
        $roll = $this->get(Stockroom::class)->receive($this->navy, StockItem::ROLL, 298_000, 4_000_000, 1, 'rack');
        $plan = $this->plan($this->begun($this->approved('Kestrel')->pieces()));
        [$batch] = $this->get(PlanEditor::class)->release($plan, $plan->version());
        self::assertSame($batch->height(), $batch->taken());
        self::assertLessThan(300_000, $batch->taken());
        self::assertSame(4_000_000 - $batch->taken(), $this->get(Shelf::class)->item($roll->id())->height());
        $this->get(Cutting::class)->dissolve($batch, $batch->version());
        self::assertSame(4_000_000, $this->get(Shelf::class)->item($roll->id())->height());
    }
}
