<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Yelbo\Shop\Bench\BenchWork;
use Yelbo\Shop\Bench\Drying;
use Yelbo\Shop\Bench\DryingShelf;
use Yelbo\Shop\Bench\UsedTapes;
use Yelbo\Shop\Bench\WorkPlans;
use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\TakeOrder;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Shop\Orders\TypedOrder;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Shop\Stock\Supply;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Refused;

/** What dries stands on one shelf, and several are gone on with in one go. */
final class DryingShelfTest extends ShopTestCase
{
    /** @param array<string, string> $more */
    private function ordered(array $more, int $count = 2): Docket
    {
        $docket = $this->get(TakeOrder::class)->begin(
            new TypedOrder(Answers::fromKept($more + $this->answers('Kestrel', $count)->toArray())),
            true,
        );
        $this->draw($docket, new Design('bebas'));
        $this->approve($docket);
        $this->release(...$docket->pieces());
        foreach ($docket->pieces() as $piece) {
            $piece->move(PieceMove::StartCut, $this->clock->now());
            $piece->move(PieceMove::CutDone, $this->clock->now());
        }
        $this->records->flush();
        array_map($this->weed(...), $docket->pieces());

        return $docket;
    }

    private function bench(): BenchWork
    {
        return $this->get(BenchWork::class);
    }

    /** @return list<array{string, string, bool}> tag, what is next, and whether it is dry */
    private function shelf(): array
    {
        return array_map(
            fn (Drying $one): array => [
                $one->what instanceof Thing ? $one->what->tag() : 'a sheet',
                $one->next,
                $one->isDry($this->clock->now()),
            ],
            $this->get(DryingShelf::class)->all(),
        );
    }

    /** @return non-empty-list<array{Thing, int}> */
    private static function versions(Docket $docket): array
    {
        return array_map(static fn (Thing $thing): array => [$thing, $thing->version()], $docket->things())
            ?: self::fail('nothing in hand');
    }

    public function testSeveralAreCoatedInOneGoRestAndAreHandedOver(): void
    {
        $docket = $this->ordered(['finish' => 'brushed', 'material' => 'smooth']);
        [$first, $second] = $docket->things();
        self::assertSame([], $this->shelf(), 'what is not on yet does not dry');
        foreach ($docket->things() as $thing) {
            $this->bench()->tick($thing, $thing->version(), ['look-over']);
        }
        $coat = static fn (int $nth, bool $dry): array => [
            [$first->tag(), "Brush a light coat, $nth of 2", $dry],
            [$second->tag(), "Brush a light coat, $nth of 2", $dry],
        ];
        self::assertContains("{$first->tag()} looked over", $this->book($docket), 'who looked, and when');
        self::assertSame($coat(1, true), $this->shelf(), 'it waits for hands');
        $stale = self::versions($docket);
        $this->bench()->goOn($stale);
        self::assertSame($coat(2, false), $this->shelf());
        $versions = self::versions($docket);
        try {
            $this->bench()->goOn($versions);
            self::fail('Wet paint.');
        } catch (Refused $refused) {
            self::assertStringContainsString("{$first->tag()}: It dries until", $refused->getMessage());
        }
        self::assertEquals($versions, self::versions($docket), 'none of them was changed');
        $this->clock->modify('+20 minutes');
        $this->bench()->goOn(self::versions($docket));
        self::assertSame('Let it rest', $this->shelf()[0][1]);
        foreach ($docket->things() as $thing) {
            $this->bench()->move($thing, $thing->version(), PieceMove::Applied);
        }
        self::assertSame([$first->tag(), 'Hand it over', false], $this->shelf()[0]);
        self::assertEquals($first->progress()->onSince?->modify('+72 hours'), $first->restsUntil());
        $this->clock->modify('+72 hours');
        $stale = self::versions($docket);
        $this->bench()->goOn(self::versions($docket));
        self::assertSame(PieceState::Ready, $second->state());
        $this->expectExceptionMessageMatches('~is not there any more: it is ready~');
        $this->bench()->goOn($stale);
    }

    public function testWhatSomebodyElseCoatedMeanwhileIsNotCoatedTwice(): void
    {
        $docket = $this->ordered(['finish' => 'brushed', 'material' => 'smooth'], 1);
        [$thing] = $docket->things();
        $this->bench()->tick($thing, $thing->version(), ['look-over']);
        $this->expectException(Conflict::class);
        $this->bench()->goOn([[$thing, $thing->version() - 1]]);
    }

    public function testAWaitThatIsCutShortIsInTheBook(): void
    {
        $docket = $this->ordered(['finish' => 'sprayed', 'material' => 'smooth'], 1);
        [$thing] = $docket->things();
        $all = array_keys($this->get(WorkPlans::class)->of($thing)->handSteps());
        try {
            $this->bench()->tick($thing, $thing->version(), $all);
            self::fail('It has to dry.');
        } catch (Refusals $refusals) {
            self::assertArrayHasKey('reason', $refusals->fields);
        }
        self::assertSame([], $thing->progress()->done, 'nothing is kept of what is refused');
        $this->bench()->tick($thing, $thing->version(), $all, false, ' warmed with the dryer ');
        self::assertContains(
            "{$thing->tag()}: a wait was cut short: warmed with the dryer",
            $this->book($docket),
        );
    }

    public function testTapeServesAgainUntilItIsUsedUp(): void
    {
        $docket = $this->ordered(['material' => 'smooth'], 6);
        $pieces = $docket->pieces();
        $tapes = $this->get(UsedTapes::class);
        self::assertSame([], $tapes->for($pieces[0]));
        $apply = function (Piece $piece): void {
            $thing = $piece->thing();
            $all = array_keys($this->get(WorkPlans::class)->of($thing)->handSteps());
            $this->bench()->tick($thing, $thing->version(), $all);
            $this->bench()->move($thing, $thing->version(), PieceMove::Applied);
        };
        $tape = new Supply(Supply::TAPE, 'Clear, medium tack', 300_000, 20_000, 'rack');
        $this->records->persist($tape);
        $this->records->flush();
        $before = $tape->amount();
        $apply($pieces[0]);
        $one = $before - $tape->amount();
        self::assertGreaterThan(0, $one);
        foreach ([1, 2, 3] as $nth) {
            self::assertSame($nth, $tapes->for($pieces[$nth])[0]->uses);
            $tapes->take($pieces[$nth], $pieces[$nth]->thing()->version(), $pieces[0]->id());
            $apply($pieces[$nth]);
        }
        self::assertSame($one, $before - $tape->amount(), 'one piece of tape lifted four');
        self::assertContains(
            "{$pieces[3]->tag()} is lifted with the tape of {$pieces[0]->tag()}, use 4",
            $this->book($docket),
        );
        self::assertSame([], $tapes->for($pieces[4]), 'used up');
        $this->expectExceptionMessageMatches('~used up~');
        $tapes->take($pieces[4], $pieces[4]->thing()->version(), $pieces[0]->id());
    }

    public function testWhatIsOnAVehicleIsHandedOverAtOnce(): void
    {
        $docket = $this->ordered(['useOf' => 'vehicle', 'material' => 'vehicle'], 1);
        [$thing] = $docket->things();
        $plan = $this->get(WorkPlans::class)->of($thing);
        $this->bench()->tick($thing, $thing->version(), array_keys($plan->handSteps()));
        $this->bench()->move($thing, $thing->version(), PieceMove::Applied);
        self::assertSame(PieceState::Ready, $thing->state());
        self::assertContains("{$thing->tag()} applied", $this->book($docket), 'it rests nowhere here');
        self::assertSame([], $this->shelf());
    }

    public function testAFinishThatMakesNoSenseIsRefusedAtItsField(): void
    {
        foreach (
            [
                [['finish' => 'resin', 'appliedBy' => 'customer'], 'no coats here'],
                [['finish' => 'painted-behind', 'material' => 'smooth'], 'clear acrylic'],
                [['finish' => 'gold'], 'Choose what goes over it'],
            ] as [$more, $says]
        ) {
            try {
                $this->get(TakeOrder::class)->begin(
                    new TypedOrder(Answers::fromKept($more + $this->answers()->toArray())),
                    true,
                );
                self::fail($says);
            } catch (Refusals $refusals) {
                self::assertStringContainsString($says, $refusals->fields['finish'] ?? '');
            }
        }
    }
}
