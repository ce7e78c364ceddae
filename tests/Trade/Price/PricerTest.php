<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Price;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Yelbo\Trade\Price\Money;
use Yelbo\Trade\Price\PricedOrder;
use Yelbo\Trade\Price\PricedThing;
use Yelbo\Trade\Price\Pricer;
use Yelbo\Trade\Price\Quote;
use Yelbo\Trade\Price\QuoteLine;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** Prices: they add up, the same order costs the same, and more never costs less. Source: handbook section 16. */
final class PricerTest extends TestCase
{
    private static function order(int $copies = 1, float $size = 1.0, bool $rush = false): PricedOrder
    {
        return new PricedOrder(
            [new PricedThing($copies, 2.0 * $size, 6.0 * $size)],
            [['name' => 'Permanent, navy', 'area' => 30_000.0 * $size * $copies, 'price' => 980]],
            (int) (200 * $size * $copies),
            0,
            1500.0 * $size * $copies,
            $rush,
        );
    }

    private static function random(Randomizer $random): PricedOrder
    {
        $things = [new PricedThing(1, 1.5, 4.0)];
        $films = [];
        for ($nth = $random->getInt(1, 5); $nth > 0; --$nth) {
            $things[] = new PricedThing(
                $random->getInt(1, 60),
                $random->getInt(1, 900) / 60,
                $random->getInt(1, 900) / 60,
                $random->getInt(0, 3),
            );
            $films[] = [
                'name' => "Film $nth",
                'area' => (float) $random->getInt(100, 900_000),
                'price' => 0 === $random->getInt(0, 2) ? null : $random->getInt(100, 9000),
            ];
        }

        return new PricedOrder(
            $things,
            $films,
            $random->getInt(0, 9000),
            $random->getInt(0, 9),
            (float) $random->getInt(100, 90_000),
            0 === $random->getInt(0, 1),
        );
    }

    private static function sum(Quote $quote): int
    {
        return Money::sum(array_map(static fn (QuoteLine $line): Money => $line->amount, $quote->lines))->minor;
    }

    public function testLinesAddUpToTheLastUnit(): void
    {
        $random = new Randomizer(new Mt19937(16));
        for ($case = 0; $case < 300; ++$case) {
            $order = self::random($random);
            $rules = Rules::standard()
                ->with(Rule::TaxShare, $random->getInt(0, 25))
                ->with(Rule::RoundTo, [0.01, 0.05, 0.5, 1][$random->getInt(0, 3)]);
            $quote = (new Pricer($rules))->quote($order);
            self::assertSame($quote->total->minor, self::sum($quote));
            self::assertSame(0, $quote->total->minor % Money::of($rules->value(Rule::RoundTo))->minor);
            self::assertEquals($quote, (new Pricer($rules))->quote($order), 'the same order twice the same');
            self::assertGreaterThanOrEqual(600, $quote->total->minor, 'the smallest order');
            $share = $rules->value(Rule::TaxShare);
            self::assertEquals($quote->total->taxIn($share), $quote->tax, 'as every paper tells it');
            $told = array_column($quote->lines, 'amount', 'what')['Tax'] ?? Money::none();
            self::assertEquals($quote->tax, $told, 'on the quote too');
            foreach ($quote->lines as $line) {
                self::assertGreaterThanOrEqual(0, $line->amount->minor);
                self::assertNotSame('', $line->what.$line->says);
            }
        }
    }

    /** More pieces, and larger ones, never cost less; at the steps of quantity neither. */
    public function testMoreNeverCostsLess(): void
    {
        $pricer = new Pricer(Rules::standard());
        $last = 0;
        for ($copies = 1; $copies <= 60; ++$copies) {
            $now = $pricer->quote(self::order($copies))->total->minor;
            self::assertGreaterThanOrEqual($last, $now, "$copies pieces");
            $last = $now;
        }
        $last = 0;
        for ($size = 1; $size <= 40; ++$size) {
            $now = $pricer->quote(self::order(3, $size / 4))->total->minor;
            self::assertGreaterThanOrEqual($last, $now, "size $size");
            $last = $now;
        }
        self::assertSame([20.0, 20.0], $pricer->charged(24), 'as much as twenty-five');
        self::assertSame([4.0, 0.0], $pricer->charged(4));
        self::assertEqualsWithDelta([4.75, 5.0], $pricer->charged(5), 1e-9);
        self::assertEqualsWithDelta([9.0, 10.0], $pricer->charged(10), 1e-9);
    }

    public function testEachFigureIsTheShops(): void
    {
        $price = static fn (Rules $rules, bool $rush = false): int => (new Pricer($rules))
            ->quote(self::order(6, 2, $rush))->total->minor;
        $plain = $price(Rules::standard());
        foreach (
            [
                [Rule::BenchHour, 56], [Rule::MaterialMargin, 3], [Rule::SetUpMinutes, 60], [Rule::TapePrice, 9],
                [Rule::BladePrice, 2], [Rule::MinimumOrder, 400], [Rule::TaxShare, 20], [Rule::SheetMinutes, 60],
                [Rule::PackMinutes, 40], [Rule::FewLess, 0], [Rule::RoundTo, 50],
            ] as [$rule, $value]
        ) {
            self::assertGreaterThan($plain, $price(Rules::standard()->with($rule, $value)), $rule->value);
        }
        self::assertGreaterThan(1.24 * $plain, $price(Rules::standard(), true));
        // By hand: 12 min set-up, 8.x min cutting, 6 pieces at 95 % of 4 and 12 min, 4 min packing, at 28 an hour.
        $minutes = 12 + 8 + 18_000 / 100 / 60 + 5.7 * 16 + 4;
        $material = 0.36 * 9.8 * 1.6 + 2.4 * 0.4 * 1.6 + 18 * 0.01;
        self::assertEqualsWithDelta($minutes / 60 * 28 + $material, $plain / 100, 0.51);
    }

    /** Nothing is charged at a figure nobody entered: what has no price says so. */
    public function testFilmWithoutAPriceSaysSo(): void
    {
        $films = static fn (?int $price): array => [
            ['name' => 'Permanent, plum', 'area' => 250_000.0, 'price' => $price],
            ['name' => 'Permanent, navy', 'area' => 250_000.0, 'price' => 980],
        ];
        $order = static fn (?int $price): PricedOrder => new PricedOrder(
            [new PricedThing(1, 2.0, 6.0)],
            $films($price),
            200,
            0,
            1500.0,
            false,
        );
        $quote = (new Pricer(Rules::standard()))->quote($order(null));
        self::assertSame(['Permanent, plum'], $quote->unpriced);
        $lines = array_column($quote->lines, null, 'what');
        self::assertSame(0, $lines['Permanent, plum']->amount->minor);
        self::assertStringContainsString('no price yet', $lines['Permanent, plum']->says);
        self::assertGreaterThan(0, $lines['Permanent, navy']->amount->minor);
        self::assertSame([], (new Pricer(Rules::standard()))->quote($order(1))->unpriced);
    }

    /** Coats are laid on things: what has four panes is one. */
    public function testCoatsAreForThings(): void
    {
        $line = static fn (PricedThing $thing): string => array_column(
            (new Pricer(Rules::standard()))->quote(new PricedOrder([$thing], [], 0, 0, 0.0, false))->lines,
            'says',
            'what',
        )['Coats'];
        self::assertStringContainsString('and 8 at', $line(new PricedThing(4, 1.0, 1.0, 2)));
        self::assertStringContainsString('and 2 at', $line(new PricedThing(4, 1.0, 1.0, 2, 1)));
        self::assertSame(2, (new PricedThing(4, 1.0, 1.0, 2, 1))->copied(8)->things());
    }

    public function testMoneyIsWholeMinorUnits(): void
    {
        self::assertSame(1, Money::of(0.005)->minor);
        self::assertSame(1234, Money::of(12.34)->minor);
        self::assertSame('1 234.50', Money::minor(123_450)->plain());
        self::assertSame(250, Money::minor(201)->roundedUpTo(Money::minor(50))->minor);
        self::assertSame(200, Money::minor(200)->roundedUpTo(Money::minor(50))->minor);
        self::assertSame(0, Money::none()->share(20)->minor);
        self::assertSame(-5, Money::minor(5)->less(Money::minor(10))->minor);
    }
}
