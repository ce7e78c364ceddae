<?php

declare(strict_types=1);

namespace Yelbo\Tests\Trade\Price;

use PHPUnit\Framework\TestCase;
use Yelbo\Trade\Plan\Handover;
use Yelbo\Trade\Price\Costing;
use Yelbo\Trade\Price\CostLine;
use Yelbo\Trade\Price\Money;
use Yelbo\Trade\Price\PricedOrder;
use Yelbo\Trade\Price\PricedThing;
use Yelbo\Trade\Price\Pricer;
use Yelbo\Trade\Price\QuoteLine;
use Yelbo\Trade\Price\RealCost;
use Yelbo\Trade\Price\Spent;
use Yelbo\Trade\Rule;
use Yelbo\Trade\Rules;

/** What an order really cost, and how it is held against its quote. */
final class CostingTest extends TestCase
{
    private static function spent(Handover $delivery = Handover::Collected): Spent
    {
        return new Spent(
            1,
            [['name' => 'Permanent, navy', 'area' => 100_000.0, 'price' => 980, 'cuts' => 2]],
            500,
            1,
            3000.0,
            9.0,
            [6.0, 0.0],
            [4.0, 2.0],
            [5.0, 2],
            $delivery,
        );
    }

    public function testLinesByHand(): void
    {
        $lines = (new Costing(Rules::standard()))->cost(self::spent());
        $amounts = array_map(
            static fn (CostLine $line): int => $line->amount->minor,
            array_column(array_map(static fn (CostLine $line): array => [$line->what, $line], $lines), 1, 0),
        );
        self::assertSame(
            [
                'Set-up' => 560,             // 12 min at 28.00
                'Permanent, navy' => 98,     // 0.1 m² at 9.80, no margin
                'Transfer tape' => 20,       // half a metre at 0.40
                'Blanks' => 400,
                'Cutting' => 423,            // 9 min, and 3 m of blade at 0.01
                'Weeding' => 280,
                'Tape and apply' => 280,
                'Coats' => 293,              // 5 min, and two coats at 0.30
                'Packing' => 187,
            ],
            $amounts,
        );
        $measured = array_column(array_filter($lines, static fn (CostLine $line): bool => $line->measured), 'what');
        self::assertSame(['Permanent, navy', 'Transfer tape', 'Blanks', 'Weeding', 'Tape and apply'], $measured);
        self::assertStringContainsString('4.0 min timed and 2.0 min told', $lines[6]->says);
        self::assertStringContainsString('2 sheets', $lines[1]->says);
        self::assertSame(12.0 + 9 + 6 + 6 + 5 + 4, (new Costing(Rules::standard()))->minutes(self::spent()));
    }

    public function testTheWayToTheCustomerCostsWhatItIsQuotedFor(): void
    {
        $rules = Rules::standard();
        $quote = static fn (Handover $way): int => (new Pricer($rules->with(Rule::RoundTo, 0.01)))->quote(
            new PricedOrder([new PricedThing(3, 4.0, 6.0)], [], 0, 0, 900.0, false, $way),
        )->total->minor;
        $cost = static fn (Handover $way): int => Money::sum(
            array_column((new Costing($rules))->cost(self::spent($way)), 'amount'),
        )->minor;
        self::assertSame(600, $quote(Handover::Posted) - $quote(Handover::Collected));
        self::assertSame(600, $cost(Handover::Posted) - $cost(Handover::Collected));
        self::assertSame(280, $quote(Handover::Round) - $quote(Handover::Collected), '6 minutes a stop');
        self::assertSame(280, $cost(Handover::Round) - $cost(Handover::Collected));
    }

    /** Whatever was quoted or cost stands there once, beside the other where there is one. */
    public function testEachLineStandsOnceBesideTheOther(): void
    {
        $quote = (new Pricer(Rules::standard()))->quote(new PricedOrder(
            [new PricedThing(2, 4.0, 6.0)],
            [['name' => 'Permanent, white', 'area' => 40_000.0, 'price' => 980]],
            300,
            0,
            900.0,
            true,
        ));
        $cost = (new Costing(Rules::standard()))->cost(self::spent());
        $real = new RealCost($quote->lines, $cost, Money::of(40));
        $of = array_column($real->lines, null, 'what');
        self::assertCount(\count($real->lines), $of);
        self::assertNull($of['Permanent, navy']['quoted'], 'another film was taken');
        self::assertNull($of['Permanent, white']['cost']);
        self::assertNull($of['Rush']['cost'], 'that it was pressing cost nothing');
        self::assertNotNull($of['Weeding']['quoted']);
        self::assertNotNull($of['Weeding']['cost']);
        $quoted = array_filter(array_column($real->lines, 'quoted'));
        self::assertEqualsCanonicalizing(
            array_map(static fn (QuoteLine $line): string => $line->what, $quote->lines),
            array_column($quoted, 'what'),
        );
        self::assertSame(4000 - $real->cost->minor, $real->left?->minor);
        self::assertNull((new RealCost([], $cost, null))->left);
    }
}
