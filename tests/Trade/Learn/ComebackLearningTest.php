<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Learn;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Film\Usage;
use Yelbo\Trade\Learn\ComebackLearning;
use Yelbo\Trade\Learn\Comebacks;
use Yelbo\Trade\Learn\Outcome;
use Yelbo\Trade\Learn\Tally;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** What came back tells an honest range, and contradicts a limit only where it is sure. */
final class ComebackLearningTest extends TestCase
{
    /**
     * A log in which parts under a size come back so often, and others hardly ever.
     *
     * @return list<Outcome>
     */
    private static function log(
        int $seed,
        int $cases,
        float $holdsFrom,
        float $share,
        Film $film = Film::Pearl,
        Usage $use = Usage::Indoor,
    ): array {
        $random = new Randomizer(new Mt19937($seed));
        $log = [];
        for ($nth = 0; $nth < $cases; ++$nth) {
            $smallest = $random->getInt(15, 60) / 10;
            $chance = $smallest / $use->factor(Rules::standard()) < $holdsFrom ? $share : 0.02;
            $log[] = new Outcome($film, $use, $smallest, 'bebas', $random->getInt(0, 999) < 1000 * $chance);
        }

        return $log;
    }

    /** @param list<Outcome> $log */
    private static function learned(array $log, ?Rules $rules = null): Comebacks
    {
        return (new ComebackLearning($rules ?? Rules::standard()))->learned($log);
    }

    public function testTheRangeHoldsTheTruthNineTimesOfTen(): void
    {
        $random = new Randomizer(new Mt19937(17));
        foreach ([[14, 0.3], [40, 0.1], [200, 0.04], [8, 0.5]] as [$cases, $truth]) {
            $held = 0;
            for ($round = 0; $round < 2000; ++$round) {
                $back = 0;
                for ($case = 0; $case < $cases; ++$case) {
                    $back += $random->getInt(0, 999) < 1000 * $truth ? 1 : 0;
                }
                $tally = new Tally('', $cases, $back);
                $held += $tally->least <= $truth && $truth <= $tally->most ? 1 : 0;
                self::assertLessThanOrEqual($back / $cases + 1e-9, $tally->least);
                self::assertGreaterThanOrEqual($back / $cases - 1e-9, $tally->most);
            }
            self::assertEqualsWithDelta(0.9, $held / 2000, 0.075, "$cases cases of $truth");
        }
        self::assertSame([0.0, 1.0], [(new Tally('', 0, 0))->least, (new Tally('', 0, 0))->most], 'nothing is known');
        self::assertSame('4 of 14 came back: between 13 and 51 of a hundred', (new Tally('', 14, 4))->says());
    }

    public function testItIsCountedByFilmPartAndFace(): void
    {
        $log = [
            new Outcome(Film::Pearl, Usage::Indoor, 2.0, 'bebas', true),
            new Outcome(Film::Pearl, Usage::Indoor, 3.0, 'bebas', false),
            // On a vehicle a part has to be twice as large: this one counts for 2 mm.
            new Outcome(Film::Pearl, Usage::Vehicle, 4.0, 'lobster', false),
            new Outcome(Film::Permanent, Usage::Indoor, 9.0, '', false),
        ];
        $learned = self::learned($log);
        $told = static fn (array $tallies): array => array_map(
            static fn (Tally $one): array => [$one->of, $one->cases, $one->back],
            $tallies,
        );
        self::assertSame([['pearl', 3, 1], ['permanent', 1, 0]], $told($learned->films));
        self::assertSame([['bebas', 2, 1], ['lobster', 1, 0]], $told($learned->faces), 'drawn art has no face');
        self::assertSame(
            [
                ['pearl, parts under 2.5 mm', 2, 1],
                ['pearl, parts of 2.5 to 3.8 mm', 1, 0],
                ['permanent, parts of 3 mm and more', 1, 0],
            ],
            $told($learned->parts),
        );
        self::assertSame([], $learned->proposals, 'four cases prove nothing');
        self::assertSame([], self::learned([])->films);
    }

    public function testALimitThatIsTooLowIsProposedHigher(): void
    {
        foreach ([1, 2, 3, 4, 5, 6] as $seed) {
            $learned = self::learned(self::log($seed, 400, 3.4, 0.45));
            self::assertCount(1, $learned->proposals, "seed $seed");
            [$proposal] = $learned->proposals;
            self::assertSame([Rule::ShowIsland, 2.5], [$proposal->rule, $proposal->from]);
            self::assertEqualsWithDelta(3.4, $proposal->to, 0.45, "seed $seed");
            // Taken, it is quiet: what comes back under the limit is what the limit is for.
            $taken = Rules::standard()->with(Rule::ShowIsland, $proposal->to);
            foreach (self::learned(self::log($seed, 400, 3.4, 0.45), $taken)->proposals as $again) {
                self::assertLessThan(0.5, abs($again->to - $proposal->to), "seed $seed");
            }
        }
    }

    public function testALimitThatIsTooHighIsProposedLower(): void
    {
        foreach ([1, 2, 3, 4, 5, 6] as $seed) {
            $learned = self::learned(self::log($seed, 900, 0.5, 0.9));
            self::assertCount(1, $learned->proposals, "seed $seed");
            [$proposal] = $learned->proposals;
            self::assertSame([Rule::ShowIsland, 2.5], [$proposal->rule, $proposal->from]);
            self::assertLessThan(2.0, $proposal->to);
            self::assertGreaterThanOrEqual(1.5, $proposal->to, 'no lower than what was tried');
        }
    }

    /** A right limit is left alone, on any film and in any use; few cases never contradict it. */
    public function testARightLimitIsLeftAlone(): void
    {
        foreach (range(1, 12) as $seed) {
            self::assertSame([], self::learned(self::log($seed, 300, 2.5, 0.4))->proposals, "seed $seed");
            self::assertSame([], self::learned(self::log($seed, 5, 9.0, 1.0))->proposals, "seed $seed, few");
            self::assertSame(
                [],
                self::learned(self::log($seed, 300, 2.0, 0.4, Film::Cast, Usage::Vehicle))->proposals,
                "seed $seed, on a vehicle",
            );
        }
    }
}
