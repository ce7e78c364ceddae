<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Knife;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Film\Film;
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
        self::assertSame(
            [130.0, true],
            [$this->next(Film::Glitter, 0, [])->force, $this->next(Film::Glitter, 0, [])->test],
        );
        self::assertSame(80.0, $this->next(Film::Permanent, 0, [])->force);
        // This blade wants a quarter more than the handbook on another film: it will here too.
        $log = [self::cut(CutVerdict::Clean, 100, 100, Film::Permanent)];
        self::assertEqualsWithDelta(162.5, $this->next(Film::Glitter, 100, $log)->force, 2.6);
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
            $after = $this->next(Film::Glitter, 110, $log);
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
        self::assertFalse($this->next(Film::Glitter, 130, $clean)->test);
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
