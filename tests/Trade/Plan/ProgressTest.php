<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Plan;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Plan\Finish;
use Yelbo\Trade\Plan\Progress;
use Yelbo\Trade\Plan\Waits;
use Yelbo\Trade\Plan\WorkPlan;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rules;

/** Steps are done in order, coats dry between them, and the film rests from when it was put on. */
final class ProgressTest extends TestCase
{
    private static function plan(Finish $finish = Finish::Brushed, Film $film = Film::Permanent): WorkPlan
    {
        return WorkPlan::for(WorkPlanTest::decal(['finish' => $finish, 'film' => $film]), Rules::standard());
    }

    private static function at(string $time): \DateTimeImmutable
    {
        return new \DateTimeImmutable("2026-11-23 $time");
    }

    /** @param list<string> $done */
    private function refuses(string $says, Progress $progress, WorkPlan $plan, array $done, string $at): void
    {
        try {
            $progress->to($done, $plan, self::at($at), '');
            self::fail("Must be refused: $says");
        } catch (Refused $refused) {
            self::assertStringContainsString($says, $refused->getMessage());
            self::assertSame('/reason', $refused->at);
        }
    }

    public function testCoatsDryOneAfterTheOtherWhileTheFilmRests(): void
    {
        $plan = self::plan();
        $all = array_keys($plan->handSteps());
        self::assertSame(['coat', 'coat-2'], \array_slice($all, -2));
        $on = (new Progress())->to(['rub-down'], $plan, self::at('09:00'), '');
        self::assertSame('rub-down', $on->done[\count($on->done) - 1], 'those before are done too');
        self::assertEquals(self::at('09:00'), $on->onSince);
        $first = $on->to(['coat'], $plan, self::at('10:00'), '');
        self::assertEquals([self::at('10:20'), self::at('09:00')], [$first->driesUntil, $first->onSince]);
        $this->refuses('It dries until Mon 23 Nov, 10:20.', $first, $plan, $all, '10:19');
        $second = $first->to($all, $plan, self::at('10:20'), '');
        self::assertEquals(self::at('10:40'), $second->driesUntil);
        self::assertFalse($second->cutShort);
        // Three days from when it was put on, not from the last coat.
        self::assertEquals(self::at('09:00')->modify('+72 hours'), $second->restsUntil($plan, self::at('10:45')));
    }

    public function testAWaitIsCutShortForAReasonOnly(): void
    {
        $plan = self::plan();
        $all = array_keys($plan->handSteps());
        $this->refuses('has to dry before the next step', new Progress(), $plan, $all, '09:00');
        $done = (new Progress())->to($all, $plan, self::at('09:00'), 'warmed');
        self::assertTrue($done->cutShort);
        self::assertEquals(self::at('09:20'), $done->driesUntil);
        $back = $done->to(['tape'], $plan, self::at('09:01'), '');
        self::assertSame([['burnish', 'tape'], null, null], [$back->done, $back->driesUntil, $back->onSince]);
        $cures = WorkPlan::for(
            WorkPlanTest::decal(['material' => Material::Painted, 'cures' => 'Tue 24 Nov, 06:00', 'young' => true]),
            Rules::standard(),
        );
        $this->refuses('Tue 24 Nov, 06:00', new Progress(), $cures, ['clean'], '09:00');
        self::assertFalse((new Progress())->to(['mark-middle'], $cures, self::at('09:00'), '')->cutShort);
    }

    public function testWhatHoldsWithoutGlueOrStandsElsewhereDoesNotRestHere(): void
    {
        $now = self::at('09:00');
        $cling = self::plan(Finish::None, Film::Cling);
        self::assertEquals($now, (new Progress(onSince: $now))->restsUntil($cling, $now));
        $van = WorkPlan::for(WorkPlanTest::decal(['use' => Usage::Vehicle]), Rules::standard());
        self::assertEquals($now, (new Progress(onSince: $now))->restsUntil($van, $now));
        self::assertStringContainsString(
            '72 h',
            array_values(array_diff_key($van->keyed(), $van->handSteps()))[0]->how,
        );
        $dishwasher = self::plan(Finish::Dishwasher);
        $dry = $now->modify('+28 days');
        self::assertEquals($dry, (new Progress([], $dry, $now))->restsUntil($dishwasher, $now));
    }

    /** Of every film and finish: used no sooner than its coats are dry, and the plan says the same as the promise. */
    public function testThePlanAndThePromiseSayOneFigure(): void
    {
        foreach (Film::cases() as $film) {
            foreach (Finish::cases() as $finish) {
                $plan = self::plan($finish, $film);
                self::assertSame(
                    Waits::untilUsed($film, $finish, Rules::standard()),
                    $plan->waits(),
                    "$film->value, $finish->value",
                );
            }
        }
    }

    public function testWhatMakesNoSenseIsRefused(): void
    {
        self::assertNull(Finish::None->refusal(Material::Glass, false));
        self::assertStringContainsString('clear acrylic', (string) Finish::PaintedBehind->refusal(null, true));
        self::assertStringContainsString('no coats here', (string) Finish::Resin->refusal(null, false));
        self::assertStringContainsString(
            'Nothing goes over',
            (string) Finish::Sprayed->refusal(Material::Vehicle, true),
        );
        self::assertSame(
            'For regular use. 2 coats, 20 min each.',
            Finish::Brushed->says(Rules::standard()),
        );
        self::assertStringContainsString('One coat, dries 28 days.', Finish::Dishwasher->says(Rules::standard()));
    }
}
