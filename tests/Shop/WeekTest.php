<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Sabre\VObject\Reader;
use Yelbo\Shop\Access\People;
use Yelbo\Shop\Bench\BenchWork;
use Yelbo\Shop\Bench\LearnedPace;
use Yelbo\Shop\Bench\WorkPlans;
use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Counter;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Lateness;
use Yelbo\Shop\Orders\TakeOrder;
use Yelbo\Shop\Orders\TypedOrder;
use Yelbo\Shop\People\Worker;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Shop\Stock\Supply;
use Yelbo\Shop\Week\Calendar;
use Yelbo\Shop\Week\CutNext;
use Yelbo\Shop\Week\CutProposal;
use Yelbo\Shop\Week\Feeds;
use Yelbo\Shop\Week\OrderStep;
use Yelbo\Shop\Week\OrderWorks;
use Yelbo\Shop\Week\PlanWeek;
use Yelbo\Shop\Week\PlanWeekHandler;
use Yelbo\Shop\Week\Promised;
use Yelbo\Shop\Week\Promises;
use Yelbo\Shop\Week\WeekBoard;
use Yelbo\Shop\Week\WeekChanges;
use Yelbo\Shop\Week\WeekPlanning;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Learn\TimedStation as LearnStation;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;

/**
 * The plan of the week over real orders: what is left of each, in hours and by hands, redone when anything changes.
 *
 * @phpstan-import-type Entry from WeekBoard
 * @phpstan-import-type Plan from WeekBoard
 */
final class WeekTest extends ShopTestCase
{
    /** @return Plan */
    private function plan(): array
    {
        $this->get(PlanWeekHandler::class)(new PlanWeek());

        return $this->get(WeekBoard::class)->current()[0] ?? self::fail('No plan was made.');
    }

    /**
     * @param Plan $plan
     *
     * @return list<Entry>
     */
    private static function of(array $plan, Docket $docket): array
    {
        return array_values(
            array_filter($plan['entries'], static fn (array $entry): bool => $entry['docket'] === $docket->number()),
        );
    }

    private function promise(Answers $answers): Promised
    {
        return $this->get(Promises::class)->of($this->get(Counter::class)->reply(new TypedOrder($answers)))
            ?? self::fail('Nothing was promised.');
    }

    public function testWhatIsLeftShrinksAsTheWorkGoesOn(): void
    {
        $works = fn (Docket $docket): array => array_map(
            static fn (OrderStep $step): string => $step->key,
            $this->get(OrderWorks::class)->of($docket)->steps,
        );
        $docket = $this->taken();
        $film = $this->navy->id();
        self::assertSame(['size', "cut-$film", 'weed', 'apply', 'send'], $works($docket));
        $docket = $this->approved('Heron');
        self::assertSame(["cut-$film", 'weed', 'apply', 'send'], $works($docket));
        $this->release(...$docket->pieces());
        foreach ($docket->pieces() as $piece) {
            $piece->move(PieceMove::StartCut, $this->clock->now());
            $piece->move(PieceMove::CutDone, $this->clock->now());
        }
        $this->records->flush();
        self::assertSame(['weed', 'apply', 'send'], $works($docket));
        array_map($this->weed(...), $docket->pieces());
        $before = $this->get(OrderWorks::class)->of($docket)->steps[0]->minutes;
        $thing = $docket->things()[0];
        $this->get(BenchWork::class)->tick($thing, $thing->version(), ['mark-middle']);
        self::assertLessThan($before, $this->get(OrderWorks::class)->of($docket)->steps[0]->minutes);
        self::assertSame(['apply', 'send'], $works($docket));
    }

    /** What is kept of an order from the plan before is what is worked out anew, wherever it stands. */
    public function testWhatIsKeptOfAnOrderFollowsEveryChange(): void
    {
        $same = function (Docket $docket, string $after): void {
            $kept = array_column($this->get(OrderWorks::class)->all(), null, 'docket')[$docket->number()] ?? null;
            $anew = $this->get(OrderWorks::class)->of($docket);
            self::assertEquals([] === $anew->steps ? null : $anew, $kept, $after);
        };
        $sized = $this->taken();
        $same($sized, 'taken');
        $this->draw($sized, new Design('bebas'), false, ['Kestrel', 'Weir']);
        $same($sized, 'drawn otherwise');
        $docket = $this->approved('Heron');
        $same($docket, 'said yes to');
        $this->release(...$docket->pieces());
        $same($docket, 'released');
        foreach ($docket->pieces() as $nth => $piece) {
            $piece->move(PieceMove::StartCut, $this->clock->now());
            $piece->move(PieceMove::CutDone, $this->clock->now());
            $this->records->flush();
            $same($docket, "cut $nth");
        }
        foreach ($docket->pieces() as $nth => $piece) {
            $this->weed($piece);
            $same($docket, "weeded $nth");
        }
        foreach ($docket->things() as $thing) {
            foreach (array_keys($this->get(WorkPlans::class)->of($thing)->handSteps()) as $step) {
                $this->get(BenchWork::class)->tick($thing, $thing->version(), [...$thing->progress()->done, $step]);
                $same($docket, "ticked $step");
            }
        }
        $this->get(ShopRules::class)->set(Rule::WeedPiece, 9);
        $same($sized, 'another figure');
        $this->records->persist(new Supply(Supply::TAPE, 'Clear', 25_000, 1000, ''));
        $this->records->flush();
        $same($sized, 'another tape');
    }

    public function testThePlanIsToldBeforeWhatWouldHelp(): void
    {
        $docket = $this->approved('Heron');
        $this->records->getConnection()->executeStatement("UPDATE docket SET needed_at = '2026-11-23 09:30:00'");
        $this->records->refresh($docket);
        $told = [];
        $plan = $this->get(WeekPlanning::class)->plan([], static function (array $first) use (&$told): void {
            $told[] = $first;
        });
        self::assertNotSame([], $plan['late'], "{$docket->tag()} comes late");
        self::assertCount(1, $told);
        self::assertSame($plan['entries'], $told[0]['entries']);
        self::assertSame(array_column($plan['late'], 'says'), array_column($told[0]['late'], 'says'));
        self::assertSame([[]], array_unique(array_column($told[0]['late'], 'options'), \SORT_REGULAR));
    }

    public function testThePlanKeepsToHoursAndNothingOverlaps(): void
    {
        $dockets = array_map(fn (string $words): Docket => $this->approved($words), ['Heron', 'Teal', 'Damson']);
        $this->get(Calendar::class)->takeOff(null, '2026-11-24', '', 'stocktaking');
        $tomas = $this->get(Calendar::class)->hands()[1];
        $this->get(Calendar::class)->takeOff($tomas->id(), '2026-11-23', '2026-11-29', 'away');
        $plan = $this->plan();
        self::assertSame('', $plan['trouble']);
        self::assertCount(3, $plan['orders']);
        $hours = $this->get(Calendar::class)->hours();
        foreach ($plan['entries'] as $entry) {
            $from = new \DateTimeImmutable($entry['from']);
            self::assertNotSame('2026-11-24', $from->format('Y-m-d'), 'closed');
            if ($from->format('Y-m-d') < '2026-11-30') {
                self::assertNotSame($tomas->id(), $entry['hand'], 'who is away');
            }
            $minute = 60 * (int) $from->format('G') + (int) $from->format('i');
            self::assertNotEmpty(
                array_filter(
                    $hours->on($from),
                    static fn (array $one): bool => $one[0] <= $minute && $minute < $one[1],
                ),
            );
            foreach ($plan['entries'] as $other) {
                if ($other !== $entry && $other['hand'] === $entry['hand']) {
                    self::assertTrue($other['to'] <= $entry['from'] || $entry['to'] <= $other['from']);
                }
            }
        }
        foreach ($dockets as $docket) {
            $apply = array_column(self::of($plan, $docket), null, 'key')['apply'];
            $rests = (new \DateTimeImmutable($apply['until']))->getTimestamp() -
                (new \DateTimeImmutable($apply['to']))->getTimestamp();
            self::assertSame(72 * 3600, $rests);
        }
    }

    /** Any change asks for a new plan; what is pinned stays in it, and steps that are gone do not hold it up. */
    public function testItIsRedoneAndWhatIsPutSomewhereStays(): void
    {
        $docket = $this->approved('Heron');
        $this->plan();
        $board = $this->get(WeekBoard::class);
        self::assertTrue($board->isFresh());
        $hand = $this->get(Calendar::class)->hands()[1];
        $changes = $this->get(WeekChanges::class);
        $put = static fn (string $step, string $from): array => [
            'docket' => $docket->number(),
            'step' => $step,
            'worker' => $hand->id(),
            'from' => $from,
        ];
        $changes->put([$put('weed', '2026-11-25T10:30:00+00:00')]);
        self::assertFalse($board->isFresh());
        $weed = array_column(self::of($this->plan(), $docket), null, 'key')['weed'];
        self::assertSame(
            ['2026-11-25 10:30', $hand->id(), true],
            [(new \DateTimeImmutable($weed['from']))->format('Y-m-d H:i'), $weed['hand'], $weed['pinned']],
        );
        $changes->unpin($docket->number(), 'weed');
        $weed = array_column(self::of($this->plan(), $docket), null, 'key')['weed'];
        self::assertSame([false, '2026-11-23'], [$weed['pinned'], substr($weed['from'], 0, 10)]);
        foreach (
            [
                static fn () => $changes->unpin($docket->number(), 'weed'),
                // All or none: the first of them is no step that is put somewhere then.
                static fn () => $changes->put([
                    $put('weed', '2026-11-26T10:30:00+00:00'),
                    $put('paint', '2026-11-25T10:30:00+00:00'),
                ]),
            ] as $wrong
        ) {
            try {
                $wrong();
                self::fail('It was let pass.');
            } catch (Refused $refused) {
                self::assertNotSame('', $refused->getMessage());
            }
        }
        self::assertFalse(array_column(self::of($this->plan(), $docket), null, 'key')['weed']['pinned']);
        $this->expectException(Refusals::class);
        $changes->put([$put('weed', '2026-11-22T10:30:00+00:00')]);
    }

    /** What comes late by the plan is told with what would save it, and that is taken. */
    public function testALateOrderIsSavedByAProposal(): void
    {
        foreach (range(1, 6) as $nth) {
            $docket = $this->approved("Teal $nth", 1, 'customer');
            // With three days of rest behind them, and one cutter for all, not all can be there by then.
            $this->records->getConnection()->executeStatement(
                "UPDATE docket SET needed_at = '2026-11-26 09:40:00' WHERE number = ?",
                [$docket->number()],
            );
            $this->records->refresh($docket);
        }
        $plan = $this->plan();
        $found = array_column($plan['late'], null, 'docket');
        $savable = array_filter($found, static fn (array $one): bool => [] !== $one['options']);
        self::assertNotSame([], $savable, json_encode($plan['late'], \JSON_THROW_ON_ERROR));
        $docket = (int) array_key_first($savable);
        $this->get(WeekChanges::class)->take($docket, 'first', '');
        $orders = array_column($this->plan()['orders'], null, 'docket');
        self::assertSame(0, $orders[$docket]['late']);
        self::assertSame([$docket], $this->get(WeekChanges::class)->firsts());
        try {
            $this->get(WeekChanges::class)->take($docket, 'first', '');
            self::fail('It was taken twice.');
        } catch (Refused $refused) {
            self::assertStringContainsString('changed since', $refused->getMessage());
        }
        $this->get(WeekChanges::class)->likeOthers($docket);
        self::assertSame([], $this->get(WeekChanges::class)->firsts());
    }

    public function testHoursAreSetAndWrongOnesSayWhere(): void
    {
        $calendar = $this->get(Calendar::class);
        self::assertCount(11, $calendar->weekly(), 'the handbook’s until somebody sets them');
        $calendar->setHours([[1, '8', '12.30'], [1, '13:00', '17'], [6, '9:15', '12']]);
        self::assertSame([[1, 480, 750], [1, 780, 1020], [6, 555, 720]], $calendar->weekly());
        foreach (
            [
                ['hours.0.from', [[1, 'eight', '12']]],
                ['hours.0.to', [[1, '12', '9']]],
                ['hours.1.from', [[2, '9', '12'], [2, '11', '14']]],
                ['hours.0.to', [[1, '9', '26']]],
            ] as [$field, $typed]
        ) {
            try {
                $calendar->setHours($typed);
                self::fail('They were taken.');
            } catch (Refusals $refusals) {
                self::assertSame([$field], array_keys($refusals->fields));
            }
        }
        self::assertCount(3, $calendar->weekly(), 'what was wrong changed nothing');
        try {
            $calendar->takeOff(null, '2026-12-24', '2026-12-20', '');
            self::fail('It ended before it began.');
        } catch (Refusals $refusals) {
            self::assertSame(['last'], array_keys($refusals->fields));
        }
        $calendar->takeOff(null, '2026-12-24', '2026-12-26', 'Holidays');
        [$off] = $calendar->daysOff();
        self::assertSame(['2026-12-24', '2026-12-25', '2026-12-26'], $off->days());
        $calendar->dropDayOff($off->id());
        self::assertSame([], $calendar->daysOff());
    }

    /** A promise moves when the queue does, and counts paint, coats, the yes and the customer's own hands. */
    public function testAPromiseIsToldFromTheQueue(): void
    {
        $asked = $this->answers('Mallow', 1);
        $alone = $this->promise($asked);
        // Sized today, the yes a day later, applied on Tuesday, three days of rest: handed over on Friday.
        self::assertSame('2026-11-27', $alone->readyAt->format('Y-m-d'), $alone->chain);
        self::assertStringContainsString('your yes Tue', $alone->chain);
        self::assertTrue($alone->inTime);
        self::assertSame('2026-12-01', $alone->yesBy?->format('Y-m-d'), $alone->yesBy?->format('c') ?? '');
        // Two days of work for both hands stand before it.
        foreach (['Heron', 'Teal', 'Damson'] as $words) {
            $this->approved($words, 120);
        }
        $this->plan();
        $queued = $this->promise($asked);
        self::assertGreaterThan($alone->readyAt, $queued->readyAt);
        self::assertStringContainsString('before ', implode(' ', array_column($queued->sooner, 'says')));
        foreach ($queued->sooner as $way) {
            self::assertLessThan($queued->readyAt, $way['ready']);
        }
        $coated = $this->promise(Answers::fromKept(['finish' => 'resin'] + $asked->toArray()));
        self::assertStringContainsString('coat', $coated->chain);
        $painted = $this->promise(
            Answers::fromKept(['material' => 'painted', 'paintedOn' => '2026-12-10'] + $asked->toArray()),
        );
        self::assertGreaterThan('2026-12-13', $painted->readyAt->format('Y-m-d'), 'its paint cures first');
        $cling = $this->promise(
            Answers::fromKept(['neededOn' => '2026-11-24'] + $asked->toArray()),
        );
        self::assertFalse($cling->inTime);
    }

    /** What has to be bought and how it comes to its customer belong to the promise. */
    public function testAPromiseCountsTheShelfAndTheWay(): void
    {
        $with = fn (array $other): Promised => $this->promise(
            Answers::fromKept($other + $this->answers('Mallow', 1)->toArray()),
        );
        $here = $with([]);
        $posted = $with(['delivery' => 'posted']);
        self::assertSame(2, $here->readyAt->diff($posted->readyAt)->days, 'a parcel is on its way for two days');
        self::assertMatchesRegularExpression('~posted \w{3}, with you \w{3}~', $posted->chain);
        self::assertContains('collected instead of posted', array_column($posted->sooner, 'says'));
        self::assertStringContainsString('brought', $with(['delivery' => 'round'])->chain);
        // Something in the same parcel that rests at its customer's makes it no longer on its way.
        $asked = Answers::fromKept(['delivery' => 'posted'] + $this->answers('Mallow', 1)->toArray());
        $both = $this->get(Promises::class)->of(
            $this->get(Counter::class)->reply(new TypedOrder($asked, [$this->answers('Heron', 1, 'customer')])),
        );
        preg_match('~with you (\w+)~', $posted->chain, $alone);
        self::assertStringContainsString($alone[0] ?? self::fail($posted->chain), $both->chain ?? '');
        $away = $with(['delivery' => 'posted', 'appliedBy' => 'customer']);
        self::assertStringContainsString('on its way and then at rest', $away->chain);
        // More than there is of the film: it has to come first.
        $much = $with(['quantity' => '190']);
        self::assertStringContainsString('film here', $much->chain);
        $sooner = array_column($much->sooner, 'ready', 'says');
        self::assertLessThan($much->readyAt, $sooner['of what is on the shelf']);
        self::assertStringNotContainsString('film here', $here->chain);
    }

    /** A parcel leaves days before it is used: what tells of being late counts that wherever it stands. */
    public function testAParcelHasToLeaveEarlier(): void
    {
        $take = fn (string $delivery): Docket => $this->get(TakeOrder::class)->begin(
            new TypedOrder(Answers::fromKept(['delivery' => $delivery] + $this->answers('Heron', 1)->toArray())),
            true,
        );
        [$fetched, $posted] = [$take('collected'), $take('posted')];
        $lateness = $this->get(Lateness::class);
        self::assertSame(2, $lateness->onBy($posted)?->diff($lateness->onBy($fetched) ?? self::fail())->days);
        self::assertSame('permanent/none/posted', $posted->waitsFor());
        // A day before the one of them would be late, the other is.
        $this->clock->modify($lateness->onBy($posted)->modify('+1 hour')->format(\DATE_ATOM));
        self::assertTrue($lateness->isDocketLate($posted));
        self::assertFalse($lateness->isDocketLate($fetched));
        self::assertSame(
            'pack and post',
            array_column($this->get(OrderWorks::class)->of($posted)->steps, 'says', 'key')['send'],
        );
        $waits = array_column($this->get(OrderWorks::class)->of($posted)->steps, 'wait', 'key')['send'];
        self::assertSame(2 * 1440, $waits);
    }

    /** Whoever is put down for some stations only does nothing else; who is quick is planned to be quick. */
    public function testHandsDoWhatTheyArePutDownFor(): void
    {
        $people = $this->get(People::class);
        $hands = array_column(
            array_map(static fn (Worker $one): array => [$one->name(), $one], $people->all()),
            1,
            0,
        );
        [$ines, $tomas] = [$hands['Ines'], $hands['Tomas']];
        foreach (['Heron', 'Teal', 'Damson'] as $words) {
            $this->approved($words, 12);
        }
        $people->change($tomas, $tomas->version(), 'Tomas', 'bench', false, ['weed']);
        $people->change($ines, $ines->version(), 'Ines', 'owner', false, ['size', 'cut', 'apply', 'send']);
        $who = [];
        foreach ($this->plan()['entries'] as $entry) {
            $who[$entry['station']][$entry['hand']] = true;
        }
        self::assertSame([$tomas->id()], array_keys($who['weed']));
        foreach (['cut', 'apply', 'send'] as $station) {
            self::assertSame([$ines->id()], array_keys($who[$station]), $station);
        }
        try {
            $people->change($tomas, $tomas->version(), 'Tomas', 'bench', false, ['juggle']);
            self::fail('There is no such station.');
        } catch (Refusals $refusals) {
            self::assertSame(['stations'], array_keys($refusals->fields));
        }
        $weeding = function (): int {
            $minutes = 0;
            foreach ($this->plan()['entries'] as $entry) {
                if ('weed' === $entry['station']) {
                    $minutes += strtotime($entry['to']) - strtotime($entry['from']);
                }
            }

            return $minutes;
        };
        $before = $weeding();
        foreach (['' => 1.0, 'Tomas' => 0.5] as $whose => $times) {
            $this->records->persist(
                new LearnedPace(LearnStation::Weed, $times, 60, 0, 0.2, 0.1, $this->clock->now(), (string) $whose),
            );
        }
        $this->records->flush();
        self::assertEqualsWithDelta($before / 2, $weeding(), 0.1 * $before, 'half as long by Tomas');
    }

    /** What is cut next: what is late at once, the rest together with what comes, and what that saves. */
    public function testWhenToCutIsToldFromThePlan(): void
    {
        $docket = $this->approved('Heron', 2);
        $next = fn (): CutProposal => $this->get(CutNext::class)->all($this->navy, $docket->pieces())[
            $this->navy->id()
        ] ?? self::fail('Nothing is proposed.');
        $this->plan();
        $alone = $next();
        self::assertFalse($alone->now);
        self::assertSame('', $alone->price);
        self::assertStringContainsString('Nothing else is coming', $alone->says);
        self::assertNotNull($alone->by);
        self::assertLessThan('2026-12-05', $alone->by->format('Y-m-d'));
        $minute = 60 * (int) $alone->by->format('G') + (int) $alone->by->format('i');
        $open = array_filter(
            $this->get(Calendar::class)->hours()->on($alone->by->setTime(0, 0)),
            static fn (array $stretch): bool => $stretch[0] <= $minute && $minute <= $stretch[1],
        );
        self::assertCount(1, $open, 'within the hours');
        $other = $this->taken('Teal', 3);
        $this->draw($other, new Design('bebas'));
        $this->plan();
        $with = $next();
        self::assertStringContainsString('It can wait until', $with->says);
        self::assertStringContainsString($other->tag(), $with->price);
        self::assertMatchesRegularExpression('~saves 0\.\d{3} m² and 8 minutes, \d+\.\d\d, and costs~', $with->price);
        $this->records->getConnection()->executeStatement(
            "UPDATE docket SET needed_at = '2026-11-24 10:00:00' WHERE number = ?",
            [$docket->number()],
        );
        $this->records->refresh($docket);
        $this->taken('Damson');
        $this->plan();
        $late = $next();
        self::assertTrue($late->now);
        self::assertStringContainsString("{$docket->tag()} is late", $late->says);
    }

    public function testACalendarLinkShowsOnePersonsWeekUntilItIsWithdrawn(): void
    {
        $docket = $this->approved('Heron');
        $plan = $this->plan();
        $feeds = $this->get(Feeds::class);
        $who = $this->get(People::class)->worker(self::of($plan, $docket)[0]['hand']);
        $token = $feeds->open($who);
        self::assertSame($who->id(), $feeds->whose($token)->id());
        $this->browser->request('GET', "/api/given/week/$token.ics");
        $response = $this->browser->getResponse();
        self::assertSame(200, $response->getStatusCode());
        self::assertStringStartsWith('text/calendar', (string) $response->headers->get('Content-Type'));
        $calendar = Reader::read((string) $response->getContent());
        self::assertSame([], $calendar->validate());
        $mine = array_filter($plan['entries'], static fn (array $entry): bool => $entry['hand'] === $who->id());
        self::assertCount(\count($mine), $calendar->select('VEVENT'));
        self::assertStringContainsString($docket->tag(), (string) $response->getContent());
        $again = $feeds->open($who);
        $feeds->withdraw($who);
        foreach ([$token, $again, str_repeat('x', 43)] as $gone) {
            try {
                $feeds->whose($gone);
                self::fail('It still led somewhere.');
            } catch (NotFound) {
            }
        }
    }
}
