<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Knife;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Knife\CutOdds;
use Yelbo\Trade\Knife\CutVerdict;
use Yelbo\Trade\Knife\JudgedCut;
use Yelbo\Trade\Knife\TestCut;
use Yelbo\Trade\Rules;

/** What to try next on a film, machine and blade. Source: handbook section 8. */
final class TestCutTest extends TestCase
{
    private const MACHINE = ['least' => 10.0, 'most' => 210.0, 'step' => 5.0];

    /** @param list<JudgedCut> $log */
    private function next(Film $film, float $metres, array $log): TestCut
    {
        return new TestCut($film, self::MACHINE, 'b2', $metres, $log, Rules::standard());
    }

    private static function cut(
        CutVerdict $verdict,
        float $force,
        float $metres = 100,
        Film $film = Film::Glitter,
        string $blade = 'b2',
        int $passes = 1,
    ): JudgedCut {
        return new JudgedCut($film, $blade, $metres, $force, $passes, $verdict);
    }

    public function testItBeginsWhereTheHandbookSaysAndWhereOthersCameOutWell(): void
    {
        foreach ([[Film::Glitter, 130.0], [Film::Permanent, 80.0], [Film::Stencil, 60.0]] as [$film, $start]) {
            $first = $this->next($film, 0, []);
            self::assertTrue($first->test);
            self::assertEqualsWithDelta($start, $first->force, 0.08 * $start, $film->value);
        }
        // This film wanted a quarter more than the handbook says of another blade: it will of this one too.
        $log = [
            self::cut(CutVerdict::Shallow, 130, 100, blade: 'b1'),
            self::cut(CutVerdict::Clean, 160, 100, blade: 'b1'),
        ];
        self::assertGreaterThan(140, $this->next(Film::Glitter, 0, $log)->force);
        // And what a blade shows of others says how worn it is, not that this one is sure.
        self::assertTrue($this->next(Film::Glitter, 0, $log)->test);
    }

    /** A blade that was seen to wear quickly on one film is thought to on another. */
    public function testWearSeenOnOneFilmCountsOnAnother(): void
    {
        $seen = static fn (float $later): array => [
            self::cut(CutVerdict::Shallow, 75, 0, Film::Permanent),
            self::cut(CutVerdict::Clean, 80, 0, Film::Permanent),
            self::cut(CutVerdict::Shallow, $later - 5, 350, Film::Permanent),
            self::cut(CutVerdict::Clean, $later, 350, Film::Permanent),
            self::cut(CutVerdict::Clean, 130, 0),
        ];
        self::assertGreaterThan(
            $this->next(Film::Glitter, 350, $seen(90))->force,
            $this->next(Film::Glitter, 350, $seen(110))->force,
        );
    }

    /** No verdict of this film and blade is ever overridden, whatever others showed. */
    public function testWhatThisOneShowedIsNeverOverridden(): void
    {
        mt_srand(21);
        $verdicts = CutVerdict::cases();
        foreach (range(1, 60) as $nth) {
            $log = [];
            foreach (range(1, mt_rand(1, 14)) as $_) {
                $log[] = self::cut(
                    $verdicts[mt_rand(0, 2)],
                    5 * mt_rand(4, 40),
                    mt_rand(0, 300),
                    Film::cases()[mt_rand(0, 4)],
                    'b'.mt_rand(1, 3),
                );
            }
            $film = Film::cases()[mt_rand(0, 4)];
            $metres = mt_rand(0, 400);
            $next = $this->next($film, $metres, $log);
            $own = array_filter($log, static fn (JudgedCut $cut): bool => $cut->film === $film && 'b2' === $cut->blade);
            $shallow = array_map(static fn (JudgedCut $cut): float => $cut->force, array_filter(
                $own,
                static fn (JudgedCut $cut): bool => CutVerdict::Shallow === $cut->verdict && $cut->metres <= $metres,
            ));
            $deep = array_map(static fn (JudgedCut $cut): float => $cut->force, array_filter(
                $own,
                static fn (JudgedCut $cut): bool => CutVerdict::Deep === $cut->verdict && $cut->metres >= $metres,
            ));
            self::assertSame([] === $shallow ? null : max($shallow), $next->least, "$nth");
            self::assertSame([] === $deep ? null : min($deep), $next->most, "$nth");
            if (($next->least ?? 0) + 5 < ($next->most ?? \INF)) {
                self::assertGreaterThan($next->least ?? 0, $next->force, "$nth");
                self::assertLessThan($next->most ?? \INF, $next->force, "$nth");
            }
            self::assertGreaterThanOrEqual(self::MACHINE['least'], $next->force);
            self::assertLessThanOrEqual(self::MACHINE['most'], $next->force);
            self::assertSame(0.0, fmod($next->force, 5));
            if ([] === $own) {
                self::assertTrue($next->test, 'nothing was judged on it yet');
            }
        }
    }

    /** The more often it was clean, the surer; the more the blade has cut since, the less. */
    public function testChanceFollowsWhatWasJudged(): void
    {
        $odds = static fn (float $metres, JudgedCut ...$log): float => (new CutOdds(
            Film::Glitter,
            1,
            'b2',
            $metres,
            array_values($log),
            Rules::standard(),
        ))->clean(130);
        $before = $odds(0);
        $clean = $odds(100, self::cut(CutVerdict::Clean, 130));
        self::assertGreaterThan($before, $clean);
        self::assertGreaterThan(0.95, $clean);
        self::assertGreaterThan($odds(300, self::cut(CutVerdict::Clean, 130)), $clean);
        self::assertLessThan($before, $odds(100, self::cut(CutVerdict::Shallow, 130)));
        self::assertLessThan($before, $odds(100, self::cut(CutVerdict::Deep, 120)));
        $all = 0.0;
        for ($force = 20.0; $force < 400; $force += 0.5) {
            $chance = (new CutOdds(Film::Glitter, 1, 'b2', 0, [], Rules::standard()))->clean($force);
            self::assertGreaterThanOrEqual(0.0, $chance);
            self::assertLessThanOrEqual(1.0, $chance);
            $all += $chance * (log($force + 0.5) - log($force));
        }
        self::assertEqualsWithDelta(0.2, $all, 0.02, 'the middle width of the window, as a logarithm');
    }

    public function testItNarrowsDownAndNeverTriesWhatWasRefused(): void
    {
        mt_srand(8);
        foreach (range(1, 60) as $seed) {
            $right = mt_rand(40, 190);
            $log = [];
            for ($try = 1; $try <= 12; ++$try) {
                $next = $this->next(Film::Glitter, 100, $log);
                if (null !== $next->least) {
                    self::assertGreaterThan($next->least, $next->force, "$seed");
                }
                if (null !== $next->most) {
                    self::assertLessThan($next->most, $next->force, "$seed");
                }
                self::assertSame(0.0, fmod($next->force, 5));
                $verdict = match (true) {
                    $next->force < $right - 6 => CutVerdict::Shallow,
                    $next->force > $right + 6 => CutVerdict::Deep,
                    default => CutVerdict::Clean,
                };
                $log[] = self::cut($verdict, $next->force);
                if (CutVerdict::Clean === $verdict) {
                    break;
                }
            }
            self::assertLessThanOrEqual(8, \count($log), "found in few tries, $right g");
            $after = $this->next(Film::Glitter, 100, $log);
            self::assertFalse($after->test, 'clean a moment ago');
            self::assertSame($log[\count($log) - 1]->force, $after->force);
        }
    }

    public function testABladeGetsDuller(): void
    {
        $log = [self::cut(CutVerdict::Deep, 120, 50), self::cut(CutVerdict::Shallow, 80, 60)];
        $now = $this->next(Film::Glitter, 100, $log);
        self::assertSame([80.0, null], [$now->least, $now->most], 'too much for a fresh blade proves nothing now');
        $now = $this->next(
            Film::Glitter,
            55,
            [self::cut(CutVerdict::Deep, 120, 60), self::cut(CutVerdict::Shallow, 80, 60)],
        );
        self::assertSame([null, 120.0], [$now->least, $now->most]);
        $clean = [self::cut(CutVerdict::Clean, 100, 100)];
        self::assertFalse($this->next(Film::Glitter, 102, $clean)->test);
        $later = $this->next(Film::Glitter, 900, $clean);
        self::assertTrue($later->test);
        self::assertGreaterThan(100, $later->force, 'after some weeks a little more');
        self::assertTrue($this->next(Film::Cast, 130, $clean)->test, 'another film');
    }

    public function testWhatTheMachineCannotPressTakesTwoPasses(): void
    {
        $two = $this->next(Film::Glitter, 100, [self::cut(CutVerdict::Shallow, 210)]);
        self::assertSame([2, true], [$two->passes, $two->test]);
        self::assertSame([null, null], [$two->least, $two->most], 'of two passes nothing is known yet');
        self::assertLessThan(210, $two->force);
        $log = [self::cut(CutVerdict::Shallow, 210), self::cut(CutVerdict::Clean, 100, passes: 2)];
        self::assertSame([2, false, 100.0], [
            $this->next(Film::Glitter, 100, $log)->passes,
            $this->next(Film::Glitter, 100, $log)->test,
            $this->next(Film::Glitter, 100, $log)->force,
        ]);
    }
}
