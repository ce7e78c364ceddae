<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Price;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Yelbo\Trade\Price\Money;
use Yelbo\Trade\Price\PriceTest;
use Yelbo\Trade\Price\Sale;

/** Each way of charging brings what was paid in all, to the last unit, and shares it by what it counts. */
final class PriceTestTest extends TestCase
{
    public function testEachWayBringsTheSameInAll(): void
    {
        $random = new Randomizer(new Mt19937(16));
        for ($case = 0; $case < 200; ++$case) {
            $sales = [];
            for ($nth = $random->getInt(1, 40); $nth > 0; --$nth) {
                $sales[] = new Sale(
                    "Y-$nth",
                    'Somebody',
                    Money::minor($random->getInt(600, 30_000)),
                    (float) $random->getInt(0, 4000),
                    (float) $random->getInt(100, 900_000),
                    $random->getInt(10, 9000) / 10,
                );
            }
            $test = PriceTest::of($sales);
            $total = Money::sum(array_column($sales, 'price'))->minor;
            self::assertSame($total, $test->total->minor);
            foreach (PriceTest::WAYS as $way) {
                if (null === $test->rates[$way]) {
                    self::assertSame(0.0, array_sum(array_column($sales, $way)));
                    continue;
                }
                self::assertSame($total, Money::sum($test->paid[$way])->minor, $way);
                self::assertCount(\count($sales), $test->paid[$way]);
                // Who has more of what is counted never pays less.
                $order = array_keys($sales);
                usort($order, static fn (int $a, int $b): int => $sales[$a]->{$way} <=> $sales[$b]->{$way});
                $last = 0;
                foreach ($order as $nth) {
                    self::assertGreaterThanOrEqual($last - 1, $test->paid[$way][$nth]->minor, $way);
                    $last = $test->paid[$way][$nth]->minor;
                }
            }
        }
    }

    public function testRatesByHand(): void
    {
        $test = PriceTest::of([
            new Sale('Y-1', 'Ada', Money::of(20), 200.0, 10_000.0, 20.0),
            new Sale('Y-2', 'Bartholomew', Money::of(40), 400.0, 50_000.0, 40.0),
        ]);
        // 60.00 over 600 mm of letters, 60 000 mm² and 60 minutes.
        self::assertSame([100, 1000, 100], [
            $test->rates['letters']?->minor,
            $test->rates['area']?->minor,
            $test->rates['minutes']?->minor,
        ]);
        self::assertSame([2000, 4000], array_column($test->paid['letters'], 'minor'));
        self::assertSame([1000, 5000], array_column($test->paid['area'], 'minor'), 'the large one pays more');
        self::assertSame([[], ['area']], [$test->more(0), $test->more(1)], 'by a tenth and more');
        $drawn = PriceTest::of([new Sale('Y-1', 'Ada', Money::of(20), 0.0, 10_000.0, 20.0)]);
        self::assertNull($drawn->rates['letters'], 'no letters, no rate');
        self::assertSame([], PriceTest::of([])->sales);
    }
}
