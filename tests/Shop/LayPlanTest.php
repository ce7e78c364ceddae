<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Symfony\Component\Messenger\Exception\UnrecoverableMessageHandlingException;
use Yelbo\Shop\Batches\LayPlan;
use Yelbo\Shop\Batches\LayPlanHandler;
use Yelbo\Shop\Batches\NestBuilder;
use Yelbo\Shop\Batches\NestPlan;
use Yelbo\Shop\Batches\PlanEditor;
use Yelbo\Shop\Batches\PlanKind;
use Yelbo\Shop\Batches\PlanQueue;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\Pieces;
use Yelbo\Shop\Stock\Shelf;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Shop\Stock\Stockroom;
use Yelbo\Trade\Journey\PlanState;

final class LayPlanTest extends PlansTestCase
{
    public function testCancellingKeepsTheBestSoFarAndStopsTheWork(): void
    {
        $pieces = $this->approved('Kestrel')->pieces();
        $nesting = $this->get(PlanQueue::class)->begin(
            $this->navy,
            array_map(static fn (Piece $piece): array => [$piece, $piece->version()], $pieces),
            [],
            'none',
            null,
        );
        $plan = $nesting->plans()[0];
        $this->get(LayPlanHandler::class)(new LayPlan($plan->id(), true));
        $quick = $this->plan($this->get(PlanEditor::class)->nesting($nesting->id()));
        self::assertSame(PlanState::Working, $quick->state(), 'it goes on thinking');
        self::assertNotSame([], $this->laid($quick)['sheets']);
        $this->get(PlanQueue::class)->cancel($this->get(PlanEditor::class)->nesting($nesting->id()));
        $this->records
            ->getConnection()
            ->executeStatement('UPDATE nest_plan SET seconds = 600 WHERE id = ?', [$plan->id()]);
        $asked = 0;
        $this->get(NestBuilder::class)->lay($this->get(PlanEditor::class)->plan($plan->id()), static function () use (
            &$asked,
        ): bool {
            return ++$asked < 3;
        });
        self::assertSame(3, $asked, 'it asks after every try, and stops when told to');
        // It would think for ten minutes; this comes back.
        $this->get(LayPlanHandler::class)(new LayPlan($plan->id()));
        $done = $this->plan($this->get(PlanEditor::class)->nesting($nesting->id()));
        self::assertSame(PlanState::Done, $done->state());
        self::assertCount(2, $this->laid($done)['sheets'][0]['places']);
    }

    /** Whatever way is come upon: the plan that is called least film takes no more than the others. */
    public function testLeastFilmTakesLeastFilm(): void
    {
        foreach ([[231_000, 168_000], [126_000, 232_000]] as [$wide, $high]) {
            $this->get(Stockroom::class)->receive($this->navy, StockItem::OFFCUT, $wide, $high, 1, '4');
        }
        $nesting = $this->begun($this->pieces('Kestrel', 'Teal', 'Ada', 'Rope'));
        $builder = $this->get(NestBuilder::class);
        $least = $this->plan($nesting);
        foreach (PlanKind::cases() as $kind) {
            $other = $this->laid($this->plan($nesting, $kind));
            self::assertFalse($builder->takesLess($nesting, $other, $this->laid($least)), $kind->value);
        }
        self::assertFalse($least->canUndo());
    }

    public function testTheSamePlansAreThereAgainAsLongAsTheShelfStays(): void
    {
        $pieces = $this->approved('Kestrel')->pieces();
        $nesting = $this->begun($pieces);
        $chosen = fn (): array => array_map(
            fn (Piece $piece): array => [$this->get(Pieces::class)->piece($piece->id()), $piece->version()],
            $pieces,
        );
        $editor = $this->get(PlanEditor::class);
        self::assertSame(
            $nesting->id(),
            $this->get(PlanQueue::class)->begin($this->navy, $chosen(), [], 'none', null)->id(),
        );
        self::assertNotSame(
            $nesting->id(),
            $this->get(PlanQueue::class)->begin($this->navy, $chosen(), [], 'piece', null)->id(),
            'other boxes, other plans',
        );
        $this->get(Stockroom::class)->receive($this->navy, StockItem::OFFCUT, 200_000, 75_000, 1, '4');
        self::assertNotSame(
            $nesting->id(),
            $this->get(PlanQueue::class)->begin($this->navy, $chosen(), [], 'none', null)->id(),
            'an offcut has come',
        );
    }

    public function testPlansGivenUpBeforeTheirTimeAreThoughtToTheEndWhenTheyAreAskedForAgain(): void
    {
        $pieces = $this->approved('Kestrel')->pieces();
        $queue = $this->get(PlanQueue::class);
        $chosen = fn (): array => array_map(
            fn (Piece $piece): array => [$this->get(Pieces::class)->piece($piece->id()), $piece->version()],
            $pieces,
        );
        $nesting = $queue->begin($this->navy, $chosen(), [], 'none', null);
        $queue->cancel($nesting);
        $states = fn (): array => array_map(
            fn (NestPlan $plan): PlanState => $this->get(PlanEditor::class)->plan($plan->id())->state(),
            $nesting->plans(),
        );
        self::assertSame([PlanState::Done, PlanState::Done, PlanState::Done], $states());
        self::assertSame($nesting->id(), $queue->begin($this->navy, $chosen(), [], 'none', null)->id());
        self::assertSame([PlanState::Waiting, PlanState::Waiting, PlanState::Waiting], $states());
        // One that a worker is about to give up is not given up either.
        $this->records
            ->getConnection()
            ->executeStatement('UPDATE nest_plan SET state = ?, cancelled = 1', [PlanState::Working->value]);
        $queue->begin($this->navy, $chosen(), [], 'none', null);
        self::assertSame([PlanState::Waiting, PlanState::Waiting, PlanState::Waiting], $states());
        $this->records->getConnection()->executeStatement('UPDATE nest_plan SET seconds = 0');
        foreach ($nesting->plans() as $plan) {
            $this->get(LayPlanHandler::class)(new LayPlan($plan->id()));
        }
        $this->records->clear();
        $this->navy = $this->get(Shelf::class)->film($this->navy->id());
        $again = $queue->begin($this->navy, $chosen(), [], 'none', null);
        self::assertSame(
            [PlanState::Done, PlanState::Done, PlanState::Done],
            array_map(static fn (NestPlan $plan): PlanState => $plan->state(), $again->plans()),
            'what was thought to the end is left alone',
        );
    }

    public function testThinkingLongerIsLookedAtFromItsBeginningAndNeverTakesAwayWhatWasBetter(): void
    {
        $nesting = $this->begun($this->pieces('Kestrel', 'Rope'));
        $plan = $this->plan($nesting);
        $before = $this->laid($plan);
        // Nobody has looked since; asking for more is a look.
        $this->records->getConnection()->executeStatement("UPDATE nesting SET seen_at = '2020-01-01 00:00:00'");
        $this->get(PlanQueue::class)->again($plan, $plan->version(), true);
        self::assertGreaterThan(
            '2021',
            $this->records->getConnection()->fetchOne('SELECT seen_at FROM nesting WHERE id = ?', [$nesting->id()]),
        );
        $plan = $this->get(PlanEditor::class)->plan($plan->id());
        $told = [];
        $this->get(NestBuilder::class)->lay($plan, static function (\Closure $best) use (&$told): bool {
            $told[] = $best();

            return \count($told) < 3;
        });
        $film = static fn (array $laid): int => array_sum(array_column($laid['sheets'], 'length'));
        foreach ($told as $laid) {
            self::assertLessThanOrEqual($film($before), $film($laid));
        }
    }

    public function testAPlanThatBreaksOffSaysSoAndIsNotTriedForEver(): void
    {
        $queue = $this->get(PlanQueue::class);
        $pieces = $this->approved('Kestrel')->pieces();
        $plan = $queue
            ->begin(
                $this->navy,
                array_map(static fn (Piece $piece): array => [$piece, $piece->version()], $pieces),
                [],
                'none',
                null,
            )
            ->plans()[0];
        $broken = json_encode([
            ['lines' => ['Kestrel'], 'width' => 1, 'height' => 1, 'left' => 0, 'top' => 0, 'layers' => []],
        ]);
        $this->records
            ->getConnection()
            ->executeStatement(
                'UPDATE proof p JOIN docket d ON d.id = p.docket_id SET p.parts = ? WHERE d.number = ?',
                [$broken, $pieces[0]->docket()->number()],
            );
        $this->records->clear();
        try {
            $this->get(LayPlanHandler::class)(new LayPlan($plan->id()));
            self::fail('It cannot be laid.');
        } catch (UnrecoverableMessageHandlingException $fault) {
            self::assertStringContainsString("Plan {$plan->id()}", $fault->getMessage());
        }
        $this->records->clear();
        $failed = $this->get(PlanEditor::class)->plan($plan->id());
        self::assertSame(PlanState::Failed, $failed->state());
        self::assertStringContainsString('Choose the pieces again', (string) $failed->trouble());
        self::assertStringNotContainsString('layer', (string) $failed->trouble(), 'nothing of the inside');
    }

    public function testAMessageThatComesTwiceChangesNothing(): void
    {
        $plan = $this->plan($this->begun($this->approved('Kestrel')->pieces()));
        $version = $plan->version();
        $this->get(LayPlanHandler::class)(new LayPlan($plan->id()));
        self::assertSame($version, $this->get(PlanEditor::class)->plan($plan->id())->version());
        $this->get(LayPlanHandler::class)(new LayPlan(999_999));
    }
}
