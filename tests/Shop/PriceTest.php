<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Counter;
use Yelbo\Shop\Orders\DrawOrder;
use Yelbo\Shop\Price\Invoices;
use Yelbo\Shop\Price\Quotes;
use Yelbo\Trade\Price\Quote;
use Yelbo\Trade\Refused;

/** Prices of real orders, and invoices whose numbers run on. */
final class PriceTest extends ShopTestCase
{
    private function quote(Answers $answers): Quote
    {
        return $this->get(Quotes::class)->asked($answers, $this->get(Counter::class)->hear($answers), [])
            ?? self::fail('No price was told.');
    }

    public function testAPriceIsToldWhileItIsAsked(): void
    {
        $one = $this->quote($this->answers('Kestrel', 1));
        $ten = $this->quote($this->answers('Kestrel', 10));
        self::assertGreaterThan($one->total->minor, $ten->total->minor);
        self::assertLessThan(10 * $one->total->minor, $ten->total->minor, 'set up once, less for many');
        $away = $this->quote($this->answers('Kestrel', 10, 'customer'));
        self::assertLessThan($ten->total->minor, $away->total->minor, 'applying takes time');
        $soon = $this->quote(
            Answers::fromKept(['neededOn' => '2026-11-25'] + $this->answers('Kestrel', 10)->toArray()),
        );
        self::assertContains('Rush', array_column($soon->lines, 'what'));
        $steps = $this->get(Quotes::class)->steps(
            $this->answers('Kestrel', 10),
            $this->get(Counter::class)->hear($this->answers('Kestrel', 10)),
            [],
        );
        self::assertSame([1, 5, 10, 25], array_column($steps, 0));
        self::assertSame($ten->total->minor, $steps[2][1]->minor, 'a figure told twice is one');
        $unknown = Answers::fromKept(['width' => ''] + $this->answers()->toArray());
        self::assertNull(
            $this->get(Quotes::class)->asked($unknown, $this->get(Counter::class)->hear($unknown), []),
            'no size, no price',
        );
    }

    public function testAnInvoiceIsWrittenOnceAndNumbersRunOn(): void
    {
        $invoices = $this->get(Invoices::class);
        $numbers = [];
        foreach (['Heron', 'Teal', 'Damson'] as $words) {
            $docket = $this->taken($words, 3);
            try {
                $invoices->write($docket);
                self::fail('Nobody has said yes.');
            } catch (Refused $refused) {
                self::assertSame('not-agreed', $refused->reason);
            }
            $this->get(DrawOrder::class)->price($docket, $docket->version(), '24.50');
            $this->draw($docket, new Design('bebas'));
            $this->approve($docket);
            // What is typed after the yes is not what was said yes to.
            $this->get(DrawOrder::class)->price($docket, $docket->version(), '99');
            $invoice = $invoices->write($docket);
            self::assertSame($invoice, $invoices->write($docket), 'once');
            self::assertSame([2450, 0], [$invoice->total()->minor, $invoice->tax()->minor]);
            self::assertStringContainsString("3 × $words", implode(' ', $invoice->lines()));
            $numbers[] = $invoice->number();
        }
        self::assertSame([$numbers[0], $numbers[0] + 1, $numbers[0] + 2], $numbers);
        $open = $this->approved('Kestrel');
        self::assertEquals(
            $this->get(Quotes::class)->of($open)->total,
            $invoices->write($open)->total(),
            'where nobody set a price it is as quoted',
        );
    }
}
