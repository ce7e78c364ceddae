<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Learn;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Learn\Entry;
use Yelbo\Trade\Learn\Learning;
use Yelbo\Trade\Learn\LeastSquares;
use Yelbo\Trade\Learn\TimedStation;
use Yelbo\Trade\Rules;

/** On logs made by a known truth, with breaks in them: what is learned comes near it, and is never worse for long. */
final class LearningTest extends TestCase
{
    private const NOISE = 0.18;
    private const ASKED = 300;

    /** @return iterable<string, array{\Closure(Entry): float, float}> minutes, and what of the noise is reached */
    public static function truths(): iterable
    {
        $book = static fn (Entry $of): float => TimedStation::Weed->minutes($of, Rules::standard());
        yield 'the handbook' => [$book, 1.05];
        yield 'slower hands' => [static fn (Entry $of): float => 1.7 * $book($of), 1.15];
        yield 'another start, other films' => [
            static fn (Entry $of): float => (0.5 + 0.09 * $of->waste + 0.0004 * $of->cut + 0.12 * $of->small)
                * (Film::Glitter === $of->film ? 1.8 : (Film::Pearl === $of->film ? 1.2 : 1.0)),
            1.15,
        ];
        yield 'by area' => [
            static fn (Entry $of): float => 0.8 + 0.05 * $of->waste + 0.00005 * $of->area + 0.3 * $of->small,
            1.15,
        ];
    }

    /**
     * @param \Closure(Entry): float $truth
     *
     * @return array{list<Entry>, list<int>} and where the breaks are
     */
    private static function log(Randomizer $random, int $many, \Closure $truth, int $breaks): array
    {
        $log = $broken = [];
        for ($nth = 0; $nth < $many; ++$nth) {
            $of = self::work($random);
            $minutes = $truth($of) * exp(self::NOISE * self::normal($random));
            if ($random->getInt(0, 99) < $breaks) {
                $broken[] = $nth;
                $minutes *= $random->getInt(30, 80) / 10;
            }
            $log[] = new Entry($of->station, $of->film, $of->waste, $of->cut, $of->small, $of->area, $minutes);
        }

        return [$log, $broken];
    }

    private static function work(Randomizer $random): Entry
    {
        return new Entry(
            TimedStation::Weed,
            [Film::Permanent, Film::Permanent, Film::Cast, Film::Glitter, Film::Pearl][$random->getInt(0, 4)],
            $random->getInt(2, 60),
            $random->getInt(400, 9000),
            max(0, $random->getInt(-9, 8)),
            $random->getInt(900, 60_000),
        );
    }

    private static function normal(Randomizer $random): float
    {
        return sqrt(
            -2 * log($random->getInt(1, 1_000_000) / 1_000_000),
        ) * cos(2 * \M_PI * $random->getInt(0, 999_999) / 1_000_000);
    }

    /** @param \Closure(Entry): float $truth */
    #[DataProvider('truths')]
    public function testAfterSixtyTheTruthIsNear(\Closure $truth, float $within): void
    {
        [$own, $noise, $inside, $missed] = [0.0, 0.0, 0, 0];
        for ($seed = 1; $seed <= 4; ++$seed) {
            $random = new Randomizer(new Mt19937($seed));
            [$log, $broken] = self::log($random, 60, $truth, 6);
            $learning = new Learning($log, Rules::standard());
            $missed += \count(array_diff($broken, $learning->outliers));
            self::assertLessThanOrEqual(
                2,
                \count(array_diff($learning->outliers, $broken)),
                'what is ordinary stays in',
            );
            self::assertLessThanOrEqual((float) $learning->handbookError, (float) $learning->learnedError);
            for ($nth = 0; $nth < self::ASKED; ++$nth) {
                $of = self::work($random);
                $real = $truth($of) * exp(self::NOISE * self::normal($random));
                $told = $learning->tell($of);
                self::assertTrue($told->least <= $told->minutes && $told->minutes <= $told->most);
                $own += abs($told->minutes - $real) / $real;
                $noise += abs($truth($of) - $real) / $real;
                $inside += $real >= $told->least && $real <= $told->most ? 1 : 0;
            }
        }
        self::assertLessThan($within, $own / $noise);
        self::assertEqualsWithDelta(0.8, $inside / (4 * self::ASKED), 0.1, 'eight of ten ordinary times');
        self::assertLessThanOrEqual(3, $missed);
    }

    /** With few timed, whatever the truth: at most a twentieth worse than the handbook, over many logs. */
    public function testFewTimesDoNoHarm(): void
    {
        foreach (self::truths() as $name => [$truth]) {
            foreach ([3, 10, 25] as $many) {
                [$own, $book] = [0.0, 0.0];
                for ($seed = 1; $seed <= 6; ++$seed) {
                    $random = new Randomizer(new Mt19937(100 * $many + $seed));
                    $learning = new Learning(self::log($random, $many, $truth, 6)[0], Rules::standard());
                    for ($nth = 0; $nth < 60; ++$nth) {
                        $of = self::work($random);
                        $real = $truth($of) * exp(self::NOISE * self::normal($random));
                        $own += abs($learning->tell($of)->minutes - $real) / $real;
                        $book += abs(TimedStation::Weed->minutes($of, Rules::standard()) - $real) / $real;
                    }
                }
                self::assertLessThan(1.05 * $book, $own, "$name, $many timed");
            }
        }
    }

    public function testWithoutALogTheHandbookHolds(): void
    {
        $learning = new Learning([], Rules::standard());
        $told = $learning->tell(new Entry(TimedStation::Weed, Film::Glitter, 20, 5200, 0, 9000));
        // (20 s + 20 × 4 s + 5,200 / 30 s) × 1.6
        self::assertEqualsWithDelta((20 + 80 + 5200 / 30) * 1.6 / 60, $told->minutes, 1e-9);
        self::assertFalse($told->isLearned);
        self::assertNull($learning->handbookError);
        self::assertSame([], $learning->outliers);
        $tape = $learning->tell(new Entry(TimedStation::Tape, Film::Permanent, 0, 0, 0, 40_000));
        self::assertEqualsWithDelta(1.5 + 2 * 0.33, $tape->minutes, 1e-9);
    }

    public function testLeastSquaresAreDrawnToThePriorAndNeverNegative(): void
    {
        $rows = [[1.0, 0.0], [1.0, 1.0], [1.0, 2.0]];
        $found = LeastSquares::squares($rows, [2.0, 5.0, 8.0], [1.0, 1.0, 1.0], [0.0, 0.0], 0.0);
        self::assertEqualsWithDelta([2.0, 3.0], $found, 1e-9);
        self::assertSame(0.0, LeastSquares::squares($rows, [8.0, 5.0, 2.0], [1.0, 1.0, 1.0], [0.0, 0.0], 0.0)[1]);
        $drawn = LeastSquares::squares($rows, [2.0, 5.0, 8.0], [1.0, 1.0, 1.0], [2.0, 1.0], 1000.0);
        self::assertEqualsWithDelta(1.0, $drawn[1], 0.05);
        self::assertSame(2.5, LeastSquares::median([4.0, 1.0, 2.0, 3.0]));
    }
}
