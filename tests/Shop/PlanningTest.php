<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Yelbo\Shop\Batches\Batch;
use Yelbo\Shop\Batches\Batching;
use Yelbo\Shop\Batches\BatchState;
use Yelbo\Shop\Batches\Cutting;
use Yelbo\Shop\Batches\Laying;
use Yelbo\Shop\Batches\LayPlan;
use Yelbo\Shop\Batches\LayPlanHandler;
use Yelbo\Shop\Batches\Nesting;
use Yelbo\Shop\Batches\NestPlan;
use Yelbo\Shop\Batches\PlanKind;
use Yelbo\Shop\Batches\Planning;
use Yelbo\Shop\Batches\Releasing;
use Yelbo\Shop\Batches\Thinking;
use Yelbo\Shop\Machines\Machines;
use Yelbo\Shop\Overtaken;
use Yelbo\Shop\Pieces\Bench;
use Yelbo\Shop\Pieces\Piece;
use Yelbo\Shop\Refusals;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Shop\Stock\Stockroom;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Geometry\SvgPath;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Sheet\Place;

/** @phpstan-import-type Laid from NestPlan */
final class PlanningTest extends ShopTestCase
{
    /**
     * @param list<Piece> $pieces
     * @param list<int>   $split
     */
    private function begun(array $pieces, array $split = [], string $boxes = 'none'): Nesting
    {
        $fresh = array_map(fn (Piece $piece): Piece => $this->get(Bench::class)->piece($piece->id()), $pieces);
        $nesting = $this->get(Thinking::class)->begin($this->navy, array_map(static fn (Piece $piece): array => [$piece, $piece->version()], $fresh), $split, $boxes, null);
        foreach ($nesting->plans() as $plan) {
            $this->records->getConnection()->executeStatement('UPDATE nest_plan SET seconds = 0 WHERE id = ?', [$plan->id()]);
            $this->get(LayPlanHandler::class)(new LayPlan($plan->id()));
        }
        // As a later request would see it.
        $this->records->clear();
        $this->navy = $this->get(Shelf::class)->film($this->navy->id());
        $this->sheets = $this->get(Shelf::class)->item($this->sheets->id());

        return $this->get(Planning::class)->nesting($nesting->id());
    }

    private function plan(Nesting $nesting, PlanKind $kind = PlanKind::LeastFilm): NestPlan
    {
        foreach ($this->get(Planning::class)->nesting($nesting->id())->plans() as $plan) {
            if ($plan->kind() === $kind) {
                return $this->get(Planning::class)->plan($plan->id());
            }
        }
        throw new \LogicException('There is one of each kind.');
    }

    /** @return Laid */
    private function laid(NestPlan $plan): array
    {
        return $plan->laid() ?? throw new \LogicException('Not laid.');
    }

    /** @return list<Piece> */
    private function pieces(string ...$words): array
    {
        return array_merge(...array_map(fn (string $word): array => $this->approved($word)->pieces(), array_values($words)));
    }

    public function testThreePlansAreMadeAndEachLaysEveryPieceOnceWithItsGaps(): void
    {
        $nesting = $this->begun($this->pieces('Kestrel', 'Teal'));
        $gaps = $this->get(Laying::class)->gaps($this->get(ShopRules::class)->current());
        foreach ($nesting->plans() as $plan) {
            self::assertSame(NestPlan::DONE, $plan->state(), (string) $plan->trouble());
            self::assertSame([], $this->laid($plan)['left']);
            $parts = $this->get(Planning::class)->parts($plan);
            $seen = [];
            foreach ($this->laid($plan)['sheets'] as $sheet) {
                $put = $of = [];
                foreach ($sheet['places'] as $at) {
                    $seen[] = $at['piece'];
                    $of[] = $parts[$at['piece']];
                    $put[] = (new Place('', $at['x'], $at['y'], $at['turn']))->put($parts[$at['piece']]->region);
                }
                self::assertSame([], Geos::tooNear($put, static fn (int $a, int $b): int => $gaps->of($of[$a], $of[$b]) - 10), $plan->kind()->value);
            }
            sort($seen);
            self::assertSame(array_keys($nesting->pieces()), $seen);
        }
    }

    public function testPiecesOfOneOrderLieNearerThanThoseOfTwo(): void
    {
        $nesting = $this->begun($this->pieces('Kestrel', 'Teal'));
        $plan = $this->plan($nesting, PlanKind::LeastWeeding);
        $parts = $this->get(Planning::class)->parts($plan);
        $least = ['same' => \INF, 'other' => \INF];
        foreach ($this->laid($plan)['sheets'] as $sheet) {
            foreach ($sheet['places'] as $i => $one) {
                foreach (\array_slice($sheet['places'], $i + 1) as $other) {
                    $far = Geos::distance((new Place('', $one['x'], $one['y'], $one['turn']))->put($parts[$one['piece']]->region->box()->region()), (new Place('', $other['x'], $other['y'], $other['turn']))->put($parts[$other['piece']]->region->box()->region()));
                    $key = $parts[$one['piece']]->order === $parts[$other['piece']]->order ? 'same' : 'other';
                    $least[$key] = min($least[$key], $far);
                }
            }
        }
        self::assertGreaterThanOrEqual(2990, $least['same']);
        self::assertLessThan(7000, $least['same']);
        self::assertGreaterThanOrEqual(7990, $least['other']);
    }

    public function testAnOrderIsBoxedAsAWholeInEveryPlan(): void
    {
        $pieces = $this->pieces('Kestrel', 'Ada', 'Rope');
        $nesting = $this->begun($pieces, [], 'order');
        foreach (PlanKind::cases() as $kind) {
            $laid = $this->laid($this->plan($nesting, $kind));
            self::assertSame([], $laid['left']);
            $releasing = $this->get(Releasing::class);
            $byId = array_column(array_map(fn (Piece $piece): array => [$piece->id(), $this->get(Bench::class)->piece($piece->id())], $pieces), 1, 0);
            foreach ($laid['sheets'] as $sheet) {
                $lie = $releasing->lie($nesting, $sheet['places'], $byId);
                $orders = array_unique(array_column($lie, 1));
                self::assertCount(\count($orders), $releasing->boxes($nesting, $this->get(Shelf::class)->item($sheet['stock']), $lie), $kind->value);
            }
        }
    }

    public function testAPlanIsReleasedSheetBySheetAndPiecesAndFilmAreTaken(): void
    {
        $pieces = $this->pieces('Kestrel');
        $offcut = $this->get(Stockroom::class)->receive($this->navy, StockItem::OFFCUT, 200_000, 75_000, 1, '4');
        $nesting = $this->begun($pieces, [], 'piece');
        $plan = $this->plan($nesting);
        $batches = $this->get(Planning::class)->release($plan, $plan->version());
        self::assertCount(2, $batches, 'one on the offcut, one on a sheet');
        self::assertSame([$batches[0]->id(), $batches[0]->id()], array_map(static fn (Batch $batch): int => $batch->release(), $batches));
        self::assertSame(0, $this->get(Shelf::class)->item($offcut->id())->count());
        foreach ($batches as $batch) {
            self::assertCount(1, $batch->boxes(), 'its weed box');
            $svg = $this->get(Batching::class)->cutFile($batch)->svg();
            [[$piece]] = $this->get(Batching::class)->present($batch);
            self::assertSame(PieceState::Batched, $piece->state());
            self::assertSame(\count($piece->region()->rings()) + 1, substr_count($svg, '<path'), 'outlines and the box');
        }
        $this->expectExceptionMessageMatches('~cannot be released any more~');
        $this->get(Planning::class)->release($plan, $plan->version());
    }

    public function testWhoComesSecondForAnOffcutIsToldWhoHasIt(): void
    {
        $offcut = $this->get(Stockroom::class)->receive($this->navy, StockItem::OFFCUT, 200_000, 110_000, 1, '4');
        $first = $this->begun($this->approved('Kestrel', 1)->pieces());
        $second = $this->begun($this->approved('Teal', 1)->pieces());
        $plan = $this->plan($first);
        $this->get(Planning::class)->release($plan, $plan->version());
        $late = $this->plan($second);
        try {
            $this->get(Planning::class)->release($late, $late->version());
            self::fail();
        } catch (Overtaken $overtaken) {
            self::assertStringContainsString("{$offcut->number()} was taken by Yelbo for batch", $overtaken->getMessage());
        }
    }

    public function testAPieceTakenMeanwhileIsNamedWithWhoTookIt(): void
    {
        $pieces = $this->approved('Kestrel', 1)->pieces();
        [$mine, $theirs] = [$this->begun($pieces), $this->begun($pieces, [], 'piece')];
        $plan = $this->plan($theirs);
        $this->get(Planning::class)->release($plan, $plan->version());
        $late = $this->plan($mine);
        $this->expectException(Overtaken::class);
        $this->expectExceptionMessageMatches('~Y-\d+/1 was taken meanwhile by Yelbo~');
        $this->get(Planning::class)->release($late, $late->version());
    }

    public function testAPieceIsMovedByHandOrItIsSaidWhatIsInTheWayAndUndone(): void
    {
        $planning = $this->get(Planning::class);
        $plan = $this->plan($this->begun($this->pieces('Kestrel', 'Teal')));
        $before = $this->laid($plan);
        $planning->move($plan, $plan->version(), 0, 0, 20_000, 400_000, 0.0);
        $moved = $this->laid($plan)['sheets'][0]['places'][0];
        self::assertSame([20_000, 400_000, true], [$moved['x'], $moved['y'], $moved['pinned']]);
        self::assertGreaterThan(400_000, $this->laid($plan)['sheets'][0]['length']);
        $planning->undo($plan, $plan->version());
        self::assertEquals($before, $this->laid($plan));

        $other = $before['sheets'][0]['places'][1];
        try {
            $planning->move($plan, $plan->version(), 0, 0, $other['x'], $other['y'], $before['sheets'][0]['places'][0]['turn']);
            $snapped = $this->laid($plan)['sheets'][0]['places'][0];
            self::assertNotSame([$other['x'], $other['y']], [$snapped['x'], $snapped['y']], 'it went beside');
        } catch (Refusals $refusals) {
            self::assertStringContainsString('too near to Y-', $refusals->fields['place']);
        }
        $this->expectException(Refusals::class);
        $this->expectExceptionMessageMatches('~hang over the edge~');
        $planning->move($plan, $plan->version(), 0, 0, 900_000, 900_000, 0.0);
    }

    public function testPinnedPiecesStayWhenTheRestIsLaidAgain(): void
    {
        $planning = $this->get(Planning::class);
        $plan = $this->plan($this->begun($this->pieces('Kestrel', 'Teal')));
        $planning->move($plan, $plan->version(), 0, 0, 20_000, 300_000, 0.0);
        $pinned = $this->laid($plan)['sheets'][0]['places'][0];
        $this->get(Thinking::class)->again($plan, $plan->version(), false);
        self::assertSame(NestPlan::WAITING, $plan->state());
        $this->records->getConnection()->executeStatement('UPDATE nest_plan SET seconds = 0 WHERE id = ?', [$plan->id()]);
        $this->get(LayPlanHandler::class)(new LayPlan($plan->id()));
        $this->records->clear();
        $again = $planning->plan($plan->id());
        self::assertSame(NestPlan::DONE, $again->state());
        self::assertContainsEquals($pinned, $this->laid($again)['sheets'][0]['places']);
        self::assertCount(4, array_merge(...array_column($this->laid($again)['sheets'], 'places')));
    }

    public function testCancellingKeepsTheBestSoFarAndStopsTheWork(): void
    {
        $pieces = $this->approved('Kestrel')->pieces();
        $nesting = $this->get(Thinking::class)->begin($this->navy, array_map(static fn (Piece $piece): array => [$piece, $piece->version()], $pieces), [], 'none', null);
        $plan = $nesting->plans()[0];
        $this->get(LayPlanHandler::class)(new LayPlan($plan->id(), true));
        $quick = $this->plan($this->get(Planning::class)->nesting($nesting->id()));
        self::assertSame(NestPlan::WORKING, $quick->state(), 'it goes on thinking');
        self::assertNotSame([], $this->laid($quick)['sheets']);
        $this->get(Thinking::class)->cancel($this->get(Planning::class)->nesting($nesting->id()));
        $this->records->getConnection()->executeStatement('UPDATE nest_plan SET seconds = 600 WHERE id = ?', [$plan->id()]);
        $asked = 0;
        $this->get(Laying::class)->lay($this->get(Planning::class)->plan($plan->id()), static function () use (&$asked): bool {
            return ++$asked < 3;
        });
        self::assertSame(3, $asked, 'it asks after every try, and stops when told to');
        // It would think for ten minutes; this comes back.
        $this->get(LayPlanHandler::class)(new LayPlan($plan->id()));
        $done = $this->plan($this->get(Planning::class)->nesting($nesting->id()));
        self::assertSame(NestPlan::DONE, $done->state());
        self::assertCount(2, $this->laid($done)['sheets'][0]['places']);
    }

    public function testTheSamePlansAreThereAgainAsLongAsTheShelfStays(): void
    {
        $pieces = $this->approved('Kestrel')->pieces();
        $nesting = $this->begun($pieces);
        $chosen = fn (): array => array_map(fn (Piece $piece): array => [$this->get(Bench::class)->piece($piece->id()), $piece->version()], $pieces);
        $planning = $this->get(Planning::class);
        self::assertSame($nesting->id(), $this->get(Thinking::class)->begin($this->navy, $chosen(), [], 'none', null)->id());
        self::assertNotSame($nesting->id(), $this->get(Thinking::class)->begin($this->navy, $chosen(), [], 'piece', null)->id(), 'other boxes, other plans');
        $this->get(Stockroom::class)->receive($this->navy, StockItem::OFFCUT, 200_000, 75_000, 1, '4');
        self::assertNotSame($nesting->id(), $this->get(Thinking::class)->begin($this->navy, $chosen(), [], 'none', null)->id(), 'an offcut has come');
    }

    public function testPlansGivenUpBeforeTheirTimeAreThoughtToTheEndWhenTheyAreAskedForAgain(): void
    {
        $pieces = $this->approved('Kestrel')->pieces();
        $thinking = $this->get(Thinking::class);
        $chosen = fn (): array => array_map(fn (Piece $piece): array => [$this->get(Bench::class)->piece($piece->id()), $piece->version()], $pieces);
        $nesting = $thinking->begin($this->navy, $chosen(), [], 'none', null);
        $thinking->cancel($nesting);
        $states = fn (): array => array_map(fn (NestPlan $plan): string => $this->get(Planning::class)->plan($plan->id())->state(), $nesting->plans());
        self::assertSame([NestPlan::DONE, NestPlan::DONE, NestPlan::DONE], $states());
        self::assertSame($nesting->id(), $thinking->begin($this->navy, $chosen(), [], 'none', null)->id());
        self::assertSame([NestPlan::WAITING, NestPlan::WAITING, NestPlan::WAITING], $states());
        // One that a worker is about to give up is not given up either.
        $this->records->getConnection()->executeStatement('UPDATE nest_plan SET state = ?, cancelled = 1', [NestPlan::WORKING]);
        $thinking->begin($this->navy, $chosen(), [], 'none', null);
        self::assertSame([NestPlan::WAITING, NestPlan::WAITING, NestPlan::WAITING], $states());
        $this->records->getConnection()->executeStatement('UPDATE nest_plan SET seconds = 0');
        foreach ($nesting->plans() as $plan) {
            $this->get(LayPlanHandler::class)(new LayPlan($plan->id()));
        }
        $this->records->clear();
        $this->navy = $this->get(Shelf::class)->film($this->navy->id());
        $again = $thinking->begin($this->navy, $chosen(), [], 'none', null);
        self::assertSame([NestPlan::DONE, NestPlan::DONE, NestPlan::DONE], array_map(static fn (NestPlan $plan): string => $plan->state(), $again->plans()), 'what was thought to the end is left alone');
    }

    public function testThinkingLongerIsLookedAtFromItsBeginningAndNeverTakesAwayWhatWasBetter(): void
    {
        $nesting = $this->begun($this->pieces('Kestrel', 'Rope'));
        $plan = $this->plan($nesting);
        $before = $this->laid($plan);
        // Nobody has looked since; asking for more is a look.
        $this->records->getConnection()->executeStatement("UPDATE nesting SET seen_at = '2020-01-01 00:00:00'");
        $this->get(Thinking::class)->again($plan, $plan->version(), true);
        self::assertGreaterThan('2021', $this->records->getConnection()->fetchOne('SELECT seen_at FROM nesting WHERE id = ?', [$nesting->id()]));
        $plan = $this->get(Planning::class)->plan($plan->id());
        $told = [];
        $this->get(Laying::class)->lay($plan, static function (\Closure $best) use (&$told): bool {
            $told[] = $best();

            return \count($told) < 3;
        });
        $film = static fn (array $laid): int => array_sum(array_column($laid['sheets'], 'length'));
        foreach ($told as $laid) {
            self::assertLessThanOrEqual($film($before), $film($laid));
        }
    }

    public function testAMessageThatComesTwiceChangesNothing(): void
    {
        $plan = $this->plan($this->begun($this->approved('Kestrel')->pieces()));
        $version = $plan->version();
        $this->get(LayPlanHandler::class)(new LayPlan($plan->id()));
        self::assertSame($version, $this->get(Planning::class)->plan($plan->id())->version());
        $this->get(LayPlanHandler::class)(new LayPlan(999_999));
    }

    public function testNothingToLayAndNothingToLayItOnAreSaid(): void
    {
        $planning = $this->get(Planning::class);
        try {
            $this->get(Thinking::class)->begin($this->navy, [], [], 'none', null);
            self::fail();
        } catch (Refusals $refusals) {
            self::assertStringContainsString('at least one', $refusals->fields['pieces']);
        }
        $pieces = $this->approved('Kestrel', 1)->pieces();
        $this->get(Stockroom::class)->correct($this->sheets, $this->sheets->version(), 0, 'all lent');
        $plan = $this->plan($this->begun($pieces));
        self::assertSame(NestPlan::FAILED, $plan->state());
        self::assertStringContainsString('no Permanent, navy on the shelf', (string) $plan->trouble());
        $this->expectException(Refused::class);
        $planning->undo($plan, $plan->version());
    }

    public function testADecalLongerThanTheMachineIsCutInPanelsOnTwoSheetsAndIsDoneWhenBothAre(): void
    {
        $this->get(Machines::class)->add('Small board', 'board', ['cut-length' => '100', 'cut-width' => '140'], '80', '45°', '1');
        $pieces = $this->approved('Kestrel', 1)->pieces();
        $plan = $this->plan($this->begun($pieces));
        self::assertSame([], $this->laid($plan)['left'], json_encode($this->laid($plan), \JSON_THROW_ON_ERROR));
        $batches = $this->get(Planning::class)->release($plan, $plan->version());
        self::assertGreaterThan(1, \count($batches), 'the panels do not fit on one board');
        $cutting = $this->get(Cutting::class);
        foreach ($batches as $nth => $batch) {
            self::assertCount(1, $this->get(Batching::class)->pieces($batch));
            foreach ($batch->places() as $at) {
                self::assertArrayHasKey('path', $at);
                self::assertGreaterThan(1, \count(SvgPath::read($at['path'] ?? '')->pieces()), 'register marks beside the letters');
            }
            $fresh = $this->get(Batching::class)->batch($batch->id());
            $cutting->start($fresh, $fresh->version(), $fresh->stock());
            $this->machine()->machine->pass(100_000);
            self::assertFalse($cutting->follow($batch->id(), (string) $fresh->job()));
            $piece = $this->records->find(Piece::class, $pieces[0]->id());
            self::assertSame($nth < \count($batches) - 1 ? PieceState::Cutting : PieceState::Weeding, $piece?->state());
        }
        self::assertSame(BatchState::Cut, $this->get(Batching::class)->batch($batches[0]->id())->state());
    }

    public function testARollIsCutToLengthAndTheRestStaysOnIt(): void
    {
        $this->get(Stockroom::class)->correct($this->sheets, $this->sheets->version(), 0, 'all lent');
        $roll = $this->get(Stockroom::class)->receive($this->navy, StockItem::ROLL, 298_000, 4_000_000, 1, 'rack');
        $plan = $this->plan($this->begun($this->approved('Kestrel')->pieces()));
        [$batch] = $this->get(Planning::class)->release($plan, $plan->version());
        self::assertSame($batch->height(), $batch->taken());
        self::assertLessThan(300_000, $batch->taken());
        self::assertSame(4_000_000 - $batch->taken(), $this->get(Shelf::class)->item($roll->id())->height());
        $this->get(Batching::class)->dissolve($batch, $batch->version());
        self::assertSame(4_000_000, $this->get(Shelf::class)->item($roll->id())->height());
    }
}
