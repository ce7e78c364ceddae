<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Counter;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\DrawOrder;
use Yelbo\Shop\Orders\TypedOrder;
use Yelbo\Shop\Price\CreditNote;
use Yelbo\Shop\Price\Invoice;
use Yelbo\Shop\Price\Invoices;
use Yelbo\Shop\Price\Quotes;
use Yelbo\Shop\Price\Receipt;
use Yelbo\Shop\Price\Receipts;
use Yelbo\Shop\Proofs\Approval;
use Yelbo\Shop\Proofs\GivenProofs;
use Yelbo\Shop\Proofs\ProofLinks;
use Yelbo\Shop\Settings\ChangedRule;
use Yelbo\Shop\Settings\ShopRules;
use Yelbo\Trade\Journey\DocketMove;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Price\Quote;
use Yelbo\Trade\Refused;
use Yelbo\Trade\Rule;

/** Prices of real orders, and invoices whose numbers run on. */
final class PriceTest extends ShopTestCase
{
    private function quote(Answers $answers): Quote
    {
        return $this->get(Quotes::class)->asked($this->get(Counter::class)->reply(new TypedOrder($answers)))
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
            $this->get(Counter::class)->reply(new TypedOrder($this->answers('Kestrel', 10))),
        );
        self::assertSame([1, 5, 10, 25], array_column($steps, 0));
        self::assertSame($ten->total->minor, $steps[2][1]->minor, 'a figure told twice is one');
        $unknown = Answers::fromKept(['width' => ''] + $this->answers()->toArray());
        self::assertNull(
            $this->get(Quotes::class)->asked($this->get(Counter::class)->reply(new TypedOrder($unknown))),
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

    /**
     * Orders agreed, charged, paid or not, opened again, agreed at another price, cancelled: what was charged is what
     * is agreed, numbers of each kind run on, and what is owed is one sum.
     */
    public function testPapersFollowTheYes(): void
    {
        $credited = 0;
        foreach ([
            'charge pay again charge pay again',
            'charge again pay',
            'again charge cancel',
            'charge pay cancel',
            'pay charge again again pay cancel',
        ] as $nth => $history) {
            $docket = $this->agreedAt($this->taken("Heron $nth", 1), 10 + $nth);
            foreach (explode(' ', $history) as $turn => $what) {
                $this->did($what, $docket, 12 + 3 * ($turn % 2 ? $turn : -$turn));
                $this->assertPapers($docket);
            }
            $credited += \count($this->get(Invoices::class)->account($docket)->credits);
        }
        self::assertSame(2 + 1 + 1 + 1 + 3, $credited);
        $database = $this->records->getConnection();
        foreach (['invoice', 'credit_note', 'receipt'] as $papers) {
            [$many, $last, $first] = $database->fetchNumeric("SELECT COUNT(*), MAX(number), MIN(number) FROM $papers")
                ?: [];
            self::assertSame((int) $many, (int) $last - (int) $first + 1, "$papers run on");
        }
    }

    /** The share that held when the proof was made holds for its price on every paper, whatever holds by now. */
    public function testTaxIsFrozenWithTheProof(): void
    {
        $share = function (int $percent): void {
            $rule = $this->records->find(ChangedRule::class, Rule::TaxShare->value);
            null === $rule
                ? $this->records->persist(new ChangedRule(Rule::TaxShare->value, $percent))
                : $this->records->remove($rule);
            $this->records->flush();
            $this->get(ShopRules::class)->reset();
        };
        $share(20);
        $docket = $this->agreedAt($this->taken('Heron', 1), 24);
        $invoices = $this->get(Invoices::class);
        $quote = $invoices->quote($docket->proofs()->newest());
        self::assertSame([2400, 400], [$quote->total->minor, $quote->tax->minor]);
        $share(0);
        self::assertSame(400, $invoices->quote($docket->proofs()->newest())->tax->minor);
        self::assertSame(2000, $invoices->net($docket)?->minor);
        self::assertSame(
            [2400, 400],
            [$invoices->write($docket)->total()->minor, $invoices->write($docket)->tax()->minor],
        );
    }

    /** By link too, and behind the yes's own transaction. */
    public function testPapersFollowAYesByLink(): void
    {
        $docket = $this->agreedAt($this->taken('Heron', 1), 20);
        $first = $this->get(Invoices::class)->write($docket);
        $this->get(Approval::class)->reopen($docket, $docket->version(), 'larger');
        $this->get(DrawOrder::class)->price($docket, $docket->version(), '25');
        $this->draw($docket, new Design('bebas'));
        [, $token] = $this->get(ProofLinks::class)->give($docket, '');
        $this->get(GivenProofs::class)->approve($token, 'Osric');
        $account = $this->get(Invoices::class)->account($docket);
        self::assertSame(
            [$first],
            array_map(static fn (CreditNote $one): Invoice => $one->invoice(), $account->credits),
        );
        self::assertSame([2500, 2500], [$account->standing()?->total()->minor, $account->owed()->minor]);
    }

    private function agreedAt(Docket $docket, int $price): Docket
    {
        $this->get(DrawOrder::class)->price($docket, $docket->version(), "$price");
        $this->draw($docket, new Design('bebas'));
        $this->approve($docket, \count($docket->proofs()->all()));

        return $docket;
    }

    private function did(string $what, Docket $docket, int $price): void
    {
        $invoices = $this->get(Invoices::class);
        $standing = $invoices->account($docket)->standing();
        match ($what) {
            'charge' => $invoices->write($docket),
            'pay' => null === $standing ? null : $this->pay($standing),
            'again' => $this->again($docket, max(5, $price)),
            'cancel' => $this->cancelled($docket),
            default => self::fail($what),
        };
    }

    private function pay(Invoice $invoice): void
    {
        try {
            $this->get(Receipts::class)->paid($invoice, 'cash');
        } catch (Refused $refused) {
            self::assertSame('nothing-owed', $refused->reason);
        }
    }

    private function again(Docket $docket, int $price): void
    {
        $this->get(Approval::class)->reopen($docket, $docket->version(), 'another price');
        $this->agreedAt($docket, $price);
    }

    private function cancelled(Docket $docket): void
    {
        $this->get(Approval::class)->reopen($docket, $docket->version(), 'sold');
        $this->get(DrawOrder::class)->move($docket, $docket->version(), DocketMove::Cancel, 'sold');
    }

    private function assertPapers(Docket $docket): void
    {
        $account = $this->get(Invoices::class)->account($docket);
        $isCancelled = DocketState::Cancelled === $docket->state();
        $standing = $account->standing();
        if (null !== $standing) {
            self::assertFalse($isCancelled, 'nothing is charged for what was cancelled');
            self::assertEquals($this->get(Invoices::class)->agreed($docket), $standing->total());
        }
        $paid = array_sum(array_map(static fn (Receipt $one): int => $one->amount()->minor, $account->receipts));
        self::assertSame(($standing?->total()->minor ?? 0) - $paid, $account->owed()->minor, 'one sum');
        foreach ($account->credits as $note) {
            self::assertStringContainsString($note->invoice()->tag(), $note->bill()->says);
            try {
                $this->get(Receipts::class)->paid($note->invoice(), 'card');
                self::assertContains(
                    $note->invoice(),
                    array_map(static fn (Receipt $one): Invoice => $one->invoice(), $account->receipts),
                );
            } catch (Refused $refused) {
                self::assertSame('taken-back', $refused->reason);
            }
        }
    }
}
