<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Plan;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Material;
use Yelbo\Trade\Measure\Length;
use Yelbo\Trade\Plan\Decal;
use Yelbo\Trade\Plan\FilmOnThing;
use Yelbo\Trade\Plan\Finish;
use Yelbo\Trade\Plan\Precedence;
use Yelbo\Trade\Plan\Progress;
use Yelbo\Trade\Plan\Shape;
use Yelbo\Trade\Plan\Step;
use Yelbo\Trade\Plan\StepKind;
use Yelbo\Trade\Plan\StepMinutes;
use Yelbo\Trade\Plan\StepWhose;
use Yelbo\Trade\Plan\WorkPlan;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** One thing, however many films: cleaned once, coated once, looked over once. Source: handbook sections 10, 12, 13. */
final class ThingPlanTest extends TestCase
{
    /**
     * A thing of several films that touch nowhere, the second over one of its own.
     *
     * @param array<string, mixed> $more
     *
     * @return non-empty-list<FilmOnThing>
     */
    private static function films(array $more = [], int $many = 3): array
    {
        $films = [];
        for ($nth = 0; $nth < max(1, $many); ++$nth) {
            $name = 0 === $nth ? '' : \chr(\ord('a') + 2 * $nth);
            $decal = WorkPlanTest::decal(
                [
                    'left' => Length::millimetres(10 + 100 * $nth),
                    'count' => 4 + $nth,
                    'under' => 1 === $nth ? ['Y-1/1d'] : [],
                ] + $more,
                90 - 10 * $nth,
                30,
            );
            if (1 === $nth) {
                $films[] = new FilmOnThing('d', WorkPlanTest::decal($more, 86, 34), 'Y-1/1c', $name);
            }
            $films[] = new FilmOnThing($name, $decal, '', $name);
        }

        self::assertNotEmpty($films);

        return $films;
    }

    public function testAThingOfOneFilmHasTheStepsOfItsDecal(): void
    {
        foreach (Film::cases() as $film) {
            foreach (Finish::cases() as $finish) {
                foreach (Shape::cases() as $shape) {
                    foreach ([true, false] as $here) {
                        $decal = WorkPlanTest::decal([
                            'film' => $film,
                            'finish' => $finish,
                            'shape' => $shape,
                            'appliedHere' => $here,
                        ]);
                        $steps = [];
                        foreach (WorkPlan::rules(Rules::standard()) as $rule) {
                            array_push($steps, ...$rule->steps($decal));
                        }
                        $untimed = static fn (array $of): array => array_map(
                            static fn (Step $step): Step => $step->lasting(0.0),
                            array_values($of),
                        );
                        self::assertEquals(
                            $untimed(Precedence::ordered($steps)),
                            $untimed(WorkPlan::for($decal, Rules::standard())->keyed()),
                            "$film->value $finish->value $shape->value",
                        );
                    }
                }
            }
        }
    }

    public function testWhatIsOfTheThingIsDoneOnce(): void
    {
        foreach (Finish::cases() as $finish) {
            $rules = Rules::standard();
            $one = WorkPlan::ofThing(self::films(['finish' => $finish], 1), $rules);
            $plan = WorkPlan::ofThing(self::films(['finish' => $finish]), $rules);
            $kinds = array_map(static fn (Step $step): StepKind => $step->kind, array_values($plan->keyed()));
            $many = static fn (StepKind $kind): int => \count(array_keys($kinds, $kind, true));
            foreach ($one->keyed() as $step) {
                if (\in_array($step->kind->whose(), [StepWhose::Ground, StepWhose::Thing], true)) {
                    $alone = array_filter($one->keyed(), static fn (Step $other): bool => $other->kind === $step->kind);
                    self::assertSame(\count($alone), $many($step->kind), $step->title);
                }
            }
            self::assertSame(3, $many(StepKind::RubDown), 'what is joined goes on as one');
            self::assertSame(4, $many(StepKind::Burnish));
            self::assertSame($one->waits(), $plan->waits(), 'one clock');
            // In this order: the mat, the surface, film by film, the whole.
            $order = [StepWhose::Mat, StepWhose::Ground, StepWhose::Film, StepWhose::Thing];
            $places = array_map(
                static fn (StepKind $kind): int => (int) array_search($kind->whose(), $order, true),
                $kinds,
            );
            $sorted = $places;
            sort($sorted);
            self::assertSame($sorted, $places);
            self::assertStringContainsString('15 parts', $plan->keyed()['look-over']->how);
        }
    }

    /** What a price counts is what the steps say: tape for each film, applying each, a quarter of packing. */
    public function testStepsShareTheMinutesThatAreCharged(): void
    {
        $minutes = new StepMinutes(Rules::standard());
        foreach ([1, 2, 3] as $many) {
            foreach ([true, false] as $here) {
                $films = self::films(['finish' => Finish::Brushed, 'appliedHere' => $here], $many);
                $told = $here ? 0.0 : $minutes->pack() / 4;
                foreach ($films as $film) {
                    if ($film->isUnderneath()) {
                        // Burnished, laid under, and joined.
                        $told += 0.5 + 1.0 + 3.0;
                        continue;
                    }
                    $told += $minutes->tape($film->decal->longer());
                    $told += $here ? $minutes->apply($film->decal->longer(), false, false) : 0.0;
                }
                $plan = WorkPlan::ofThing($films, Rules::standard());
                self::assertEqualsWithDelta($told, $plan->benchMinutes(), 0.001, "$many films");
                self::assertEqualsWithDelta(
                    $here ? 2 * Rules::standard()->value(Rule::CoatMinutes) : 0.0,
                    $plan->minutes() - $plan->benchMinutes(),
                    0.06,
                    'coats are counted for all that are coated in one go',
                );
            }
        }
    }

    public function testWhatWaitsLongestTellsTheClockAndHowItIsCleaned(): void
    {
        $cling = new FilmOnThing('', WorkPlanTest::decal(['film' => Film::Cling, 'material' => Material::Glass]));
        $glued = new FilmOnThing('b', WorkPlanTest::decal(['material' => Material::Glass]), '', 'b');
        foreach ([[$cling, $glued], [$glued, $cling]] as $films) {
            $plan = WorkPlan::ofThing($films, Rules::standard());
            self::assertSame(72 * 60, $plan->rest());
            self::assertStringContainsString('alcohol', $plan->keyed()['clean']->how);
        }
    }

    /** What is put on what is told in one place: the box of all is that of its films. */
    public function testTheWholeIsTheBoxOfItsFilms(): void
    {
        $films = array_map(
            static fn (FilmOnThing $film): Decal => $film->decal,
            array_values(array_filter(self::films(), static fn (FilmOnThing $film): bool => !$film->isUnderneath())),
        );
        self::assertNotEmpty($films);
        $whole = Decal::together($films, Rules::standard());
        foreach ($films as $film) {
            self::assertTrue($whole->there()->holds($film->there()));
        }
        self::assertSame([10_000, 280_000], [$whole->there()->left, $whole->there()->right]);
        self::assertSame(3, $whole->others->films);
    }

    public function testAFilmIsReadiedForItselfAndNoneGoesOnBeforeThatIsDoneOfAll(): void
    {
        $plan = WorkPlan::ofThing(self::films(['finish' => Finish::Brushed]), Rules::standard());
        $now = new \DateTimeImmutable('2026-11-23 09:00');
        $ready = (new Progress())->to(['mark-middle/e'], $plan, $now, '');
        self::assertNotContains('tape', $ready->done);
        self::assertContains('tape/e', $ready->done);
        $under = (new Progress())->to(['mark-middle/c'], $plan, $now, '');
        self::assertContains('lay-under/d', $under->done, 'what lies under it is readied with it');
        self::assertNotContains(
            'lay-under/d',
            (new Progress())->to(['burnish-tape/c'], $plan, $now, '')->done,
            'until it is joined each is readied for itself',
        );
        self::assertNotContains('tape/e', $under->done);
        $laid = $ready->to([...$ready->done, 'rub-down'], $plan, $now, '');
        self::assertContains('tape/c', $laid->done);
        self::assertNull($laid->onSince, 'two films are not on yet');
        $on = $laid->to([...$laid->done, 'rub-down/e'], $plan, $now->modify('+1 hour'), '');
        self::assertEquals($now->modify('+1 hour'), $on->onSince, 'it rests from when the last is on');
        $all = $on->to(array_keys($plan->handSteps()), $plan, $now->modify('+2 hours'), 'warmed');
        self::assertEquals($now->modify('+73 hours'), $all->restsUntil($plan, $now->modify('+2 hours')));

        // A film that is cut again takes only its own steps with it, and those of the whole after it.
        $again = $all->without(['e'], $plan);
        self::assertContains('rub-down/c', $again->done);
        self::assertContains('clean', $again->done);
        self::assertSame([], array_intersect($again->done, ['tape/e', 'rub-down/e', 'look-over', 'coat', 'coat-2']));
        self::assertNull($again->onSince);
        $once = $again->to([...$again->done, 'tape/e'], $plan, $now, '');
        self::assertContains('rub-down/c', $once->done, 'what is on stays on');
        $first = $all->without([''], $plan)->to([...$all->without([''], $plan)->done, 'burnish'], $plan, $now, '');
        self::assertNotContains('tape', $first->done);
        self::assertContains('rub-down/e', $first->done);
        self::assertSame(
            ['burnish'],
            (new Progress(['burnish', 'burnish/e', 'clean', 'rub-down/e']))->without(['e'], $plan)->done,
            'a bare thing is cleaned anew',
        );
    }

    public function testWhatDriesHoldsUpTheThingAndNotTheMat(): void
    {
        $plan = WorkPlan::ofThing(self::films(['finish' => Finish::Brushed]), Rules::standard());
        $now = new \DateTimeImmutable('2026-11-23 09:00');
        $dries = new Progress(['burnish', 'clean', 'rub-down'], $now->modify('+20 minutes'));
        $mat = $dries->to([...$dries->done, 'tape/e'], $plan, $now, '');
        self::assertEquals($dries->driesUntil, $mat->driesUntil, 'it goes on drying');
        $this->expectException(Refused::class);
        $dries->to([...$dries->done, 'position'], $plan, $now, '');
    }

    public function testWhatIsGivenAwayGoesAsOne(): void
    {
        $films = self::films(['appliedHere' => false, 'care' => ['Wash by hand.']]);
        $plan = WorkPlan::ofThing($films, Rules::standard());
        self::assertStringContainsString('each of the 3 films', $plan->keyed()['test-scrap']->how);
        self::assertCount(1, preg_grep('~^care-card~', array_keys($plan->keyed())) ?: []);
        $theirs = WorkPlan::atTheCustomers($films, Rules::standard())->keyed();
        self::assertSame('clean', array_key_first($theirs));
        self::assertArrayHasKey('rub-down/e', $theirs);
        self::assertArrayNotHasKey('tape/e', $theirs);
    }
}
