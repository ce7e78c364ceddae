<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Yelbo\Shop\Batches\LayPlan;
use Yelbo\Shop\Batches\LayPlanHandler;
use Yelbo\Shop\Batches\PlanEditor;
use Yelbo\Shop\Batches\PlanKind;
use Yelbo\Shop\Batches\PlanQueue;
use Yelbo\Shop\Batches\PlanRelease;
use Yelbo\Shop\Batches\PlanSheets;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\Pieces;
use Yelbo\Shop\Stock\FilmToCut;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\Stockroom;
use Yelbo\Trade\Geometry\Geos;
use Yelbo\Trade\Journey\PlanState;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Sheet\Place;

final class PlanEditorTest extends PlansTestCase
{
    public function testThreePlansAreMadeAndEachLaysEveryPieceOnceWithItsGaps(): void
    {
        $nesting = $this->begun($this->pieces('Kestrel', 'Teal'));
        $gaps = $this->get(FilmToCut::class)->gaps();
        foreach ($nesting->plans() as $plan) {
            self::assertSame(PlanState::Done, $plan->state(), (string) $plan->trouble());
            self::assertSame([], $this->laid($plan)['left']);
            $parts = $this->get(PlanSheets::class)->parts($plan);
            $seen = [];
            foreach ($this->laid($plan)['sheets'] as $sheet) {
                $put = $of = [];
                foreach ($sheet['places'] as $at) {
                    $seen[] = $at['piece'];
                    $of[] = $parts[$at['piece']];
                    $put[] = (new Place('', $at['x'], $at['y'], $at['turn']))->put($parts[$at['piece']]->region);
                }
                self::assertSame(
                    [],
                    Geos::tooNear($put, static fn (int $a, int $b): int => $gaps->between($of[$a], $of[$b]) - 10),
                    $plan->kind()->value,
                );
            }
            sort($seen);
            self::assertSame(array_keys($nesting->pieces()), $seen);
        }
    }

    public function testPiecesOfOneOrderLieNearerThanThoseOfTwo(): void
    {
        $nesting = $this->begun($this->pieces('Kestrel', 'Teal'));
        $plan = $this->plan($nesting, PlanKind::LeastWeeding);
        $parts = $this->get(PlanSheets::class)->parts($plan);
        $least = ['same' => \INF, 'other' => \INF];
        foreach ($this->laid($plan)['sheets'] as $sheet) {
            foreach ($sheet['places'] as $i => $one) {
                foreach (\array_slice($sheet['places'], $i + 1) as $other) {
                    $far = Geos::distance(
                        (new Place('', $one['x'], $one['y'], $one['turn']))->put(
                            $parts[$one['piece']]->region->box()->region(),
                        ),
                        (new Place('', $other['x'], $other['y'], $other['turn']))->put(
                            $parts[$other['piece']]->region->box()->region(),
                        ),
                    );
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
            $releasing = $this->get(PlanRelease::class);
            $byId = array_column(
                array_map(
                    fn (Piece $piece): array => [$piece->id(), $this->get(Pieces::class)->piece($piece->id())],
                    $pieces,
                ),
                1,
                0,
            );
            foreach ($laid['sheets'] as $sheet) {
                $lie = $releasing->lie($nesting, $sheet['places'], $byId);
                $orders = array_unique(array_column($lie, 1));
                self::assertCount(
                    \count($orders),
                    $releasing->boxes($nesting, $this->get(Shelf::class)->item($sheet['stock']), $lie),
                    $kind->value,
                );
            }
        }
    }

    public function testAPieceIsMovedByHandOrItIsSaidWhatIsInTheWayAndUndone(): void
    {
        $editor = $this->get(PlanEditor::class);
        $plan = $this->plan($this->begun($this->pieces('Kestrel', 'Teal')));
        $before = $this->laid($plan);
        $editor->move($plan, $plan->version(), 0, 0, 20_000, 400_000, 0.0);
        $moved = $this->laid($plan)['sheets'][0]['places'][0];
        self::assertSame([20_000, 400_000, true], [$moved['x'], $moved['y'], $moved['pinned']]);
        self::assertGreaterThan(400_000, $this->laid($plan)['sheets'][0]['length']);
        $editor->undo($plan, $plan->version());
        self::assertEquals($before, $this->laid($plan));

        $other = $before['sheets'][0]['places'][1];
        try {
            $editor->move(
                $plan,
                $plan->version(),
                0,
                0,
                $other['x'],
                $other['y'],
                $before['sheets'][0]['places'][0]['turn'],
            );
            $snapped = $this->laid($plan)['sheets'][0]['places'][0];
            self::assertNotSame([$other['x'], $other['y']], [$snapped['x'], $snapped['y']], 'it went beside');
        } catch (Refusals $refusals) {
            self::assertStringContainsString('too near to Y-', $refusals->fields['place']);
        }
        $this->expectException(Refusals::class);
        $this->expectExceptionMessageMatches('~hang over the edge~');
        $editor->move($plan, $plan->version(), 0, 0, 900_000, 900_000, 0.0);
    }

    public function testPinnedPiecesStayWhenTheRestIsLaidAgain(): void
    {
        $editor = $this->get(PlanEditor::class);
        $plan = $this->plan($this->begun($this->pieces('Kestrel', 'Teal')));
        $editor->move($plan, $plan->version(), 0, 0, 20_000, 300_000, 0.0);
        $pinned = $this->laid($plan)['sheets'][0]['places'][0];
        $this->get(PlanQueue::class)->again($plan, $plan->version(), false);
        self::assertSame(PlanState::Waiting, $plan->state());
        $this->records
            ->getConnection()
            ->executeStatement('UPDATE nest_plan SET seconds = 0 WHERE id = ?', [$plan->id()]);
        $this->get(LayPlanHandler::class)(new LayPlan($plan->id()));
        $this->records->clear();
        $again = $editor->plan($plan->id());
        self::assertSame(PlanState::Done, $again->state());
        self::assertContainsEquals($pinned, $this->laid($again)['sheets'][0]['places']);
        self::assertCount(4, array_merge(...array_column($this->laid($again)['sheets'], 'places')));
    }

    public function testNothingToLayAndNothingToLayItOnAreSaid(): void
    {
        $editor = $this->get(PlanEditor::class);
        try {
            $this->get(PlanQueue::class)->begin($this->navy, [], [], 'none', null);
            self::fail();
        } catch (Refusals $refusals) {
            self::assertStringContainsString('at least one', $refusals->fields['pieces']);
        }
        $pieces = $this->approved('Kestrel', 1)->pieces();
        $this->get(Stockroom::class)->correct($this->sheets, $this->sheets->version(), 0, 'all lent');
        $plan = $this->plan($this->begun($pieces));
        self::assertSame(PlanState::Failed, $plan->state());
        self::assertStringContainsString('no Permanent, navy on the shelf', (string) $plan->trouble());
        $this->expectException(Refused::class);
        $editor->undo($plan, $plan->version());
    }

    /** A piece goes to another sheet and back; a sheet nothing is left on leaves the plan, and figures follow. */
    public function testAPieceIsCarriedToAnotherSheet(): void
    {
        $editor = $this->get(PlanEditor::class);
        $plan = $this->plan($this->begun($this->pieces('Kestrel', 'Teal')));
        $before = $this->laid($plan);
        self::assertCount(1, $before['sheets']);
        $editor->carry($plan, $plan->version(), 0, 0, null, $this->sheets->id());
        $two = $this->laid($plan);
        self::assertSame([3, 1], array_map(static fn (array $sheet): int => \count($sheet['places']), $two['sheets']));
        $carried = $two['sheets'][1]['places'][0];
        self::assertSame(
            [$before['sheets'][0]['places'][0]['piece'], true],
            [$carried['piece'], $carried['pinned']],
        );
        $name = (string) $carried['piece'];
        $region = (new Place($name, $carried['x'], $carried['y'], $carried['turn']))->put(
            $this->get(PlanSheets::class)->parts($plan)[$name]->region,
        );
        self::assertSame($region->box()->bottom, $two['sheets'][1]['length']);
        self::assertGreaterThan(0.05, $two['sheets'][1]['fill']);

        // To where the others lie: it finds room beside them.
        $editor->carry($plan, $plan->version(), 1, 0, 0, null);
        $back = $this->laid($plan);
        self::assertSame([4], array_map(static fn (array $sheet): int => \count($sheet['places']), $back['sheets']));
        $gaps = $this->get(FilmToCut::class)->gaps();
        $of = $put = [];
        foreach ($back['sheets'][0]['places'] as $at) {
            $of[] = $this->get(PlanSheets::class)->parts($plan)[$at['piece']];
            $put[] = (new Place('', $at['x'], $at['y'], $at['turn']))->put(end($of)->region);
        }
        self::assertSame(
            [],
            Geos::tooNear($put, static fn (int $a, int $b): int => $gaps->between($of[$a], $of[$b]) - 10),
        );
        $editor->undo($plan, $plan->version());
        self::assertEquals($two, $this->laid($plan));

        // Three sheets there are, and two are on the plan: a fourth cannot be.
        $editor->carry($plan, $plan->version(), 0, 0, null, $this->sheets->id());
        $this->expectExceptionMessageMatches('~no more of~');
        $editor->carry($plan, $plan->version(), 0, 0, null, $this->sheets->id());
    }
}
