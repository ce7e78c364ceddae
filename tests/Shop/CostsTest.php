<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Yelbo\Shop\Batches\Batches;
use Yelbo\Shop\Batches\Remnants;
use Yelbo\Shop\Bench\BenchWork;
use Yelbo\Shop\Bench\Outcomes;
use Yelbo\Shop\Bench\Spoiling;
use Yelbo\Shop\Bench\WorkPlans;
use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\DrawOrder;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\TakeOrder;
use Yelbo\Shop\Orders\TypedOrder;
use Yelbo\Shop\Price\Costs;
use Yelbo\Shop\Price\FilmCutUp;
use Yelbo\Shop\Price\Invoices;
use Yelbo\Shop\Price\Receipts;
use Yelbo\Shop\Price\Sold;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Shop\Report\Margins;
use Yelbo\Shop\Report\Pictures;
use Yelbo\Shop\Stock\FilmFacts;
use Yelbo\Shop\Stock\StockItem;
use Yelbo\Shop\Stock\Stockroom;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Price\CostLine;
use Yelbo\Trade\Price\RealCost;
use Yelbo\Trade\Price\Sale;

/** Real orders carried through: what they cost beside what was quoted, and that they are paid. */
final class CostsTest extends ShopTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->navy->describe(new FilmFacts('navy', '#1b2f57', liner: 'white', price: 980));
        $this->records->flush();
    }

    private function cost(Docket $docket): RealCost
    {
        return $this->get(Costs::class)->of($docket) ?? self::fail('It was cut.');
    }

    private static function line(RealCost $real, string $what): CostLine
    {
        foreach ($real->lines as $line) {
            if ($what === $line['what']) {
                return $line['cost'] ?? self::fail("$what cost nothing.");
            }
        }
        self::fail("There is no line for $what.");
    }

    /** Cuts what waits, and starts and ends the cut. */
    private function cutAgain(Piece $piece): void
    {
        $batch = $this->release($piece);
        $batch->start('test', $this->clock->now());
        $piece->move(PieceMove::StartCut, $this->clock->now());
        $piece->move(PieceMove::CutDone, $this->clock->now());
        $batch->finished();
        $this->records->flush();
    }

    private function apply(Piece $piece): void
    {
        $bench = $this->get(BenchWork::class);
        $thing = $piece->thing();
        $bench->tick($thing, $thing->version(), array_keys($this->get(WorkPlans::class)->of($thing)->handSteps()));
        $bench->move($thing, $thing->version(), PieceMove::Applied);
    }

    public function testAPieceThatIsCutAgainCostsAgain(): void
    {
        $docket = $this->approved('Heron', 1);
        [$piece] = $docket->pieces();
        self::assertNull($this->get(Costs::class)->of($docket), 'nothing of it was cut yet');
        $this->cutAgain($piece);
        $once = $this->cost($docket);
        self::assertSame(0.0, $this->minutes(self::line($once, 'Weeding')), 'not weeded yet');
        $this->get(Spoiling::class)->piece($piece, $piece->version(), 'The dot lifted');
        $this->cutAgain($piece);
        $this->clock->sleep(7 * 60);
        $this->weed($piece);
        $this->apply($piece);
        $again = $this->cost($docket);
        $film = $piece->film()->name();
        self::assertStringContainsString('2 sheets', self::line($again, $film)->says);
        self::assertEqualsWithDelta(
            2 * self::line($once, $film)->amount->minor,
            self::line($again, $film)->amount->minor,
            0.35 * self::line($once, $film)->amount->minor,
            'twice the film, or as much as two sheets differ',
        );
        self::assertGreaterThan(
            1.9 * self::line($once, 'Cutting')->amount->minor,
            self::line($again, 'Cutting')->amount->minor,
        );
        self::assertStringContainsString('7.0 min timed', self::line($again, 'Weeding')->says);
        self::assertTrue(self::line($again, 'Weeding')->measured);
        $sum = array_sum(array_map(
            static fn (array $line): int => $line['cost']->amount->minor ?? 0,
            $again->lines,
        ));
        self::assertSame($sum, $again->cost->minor);
        self::assertNotNull(array_column($again->lines, 'quoted', 'what')['Weeding'], 'beside what was quoted');
        self::assertSame($this->get(Invoices::class)->net($docket)?->minor, $again->price?->minor);
        [$lost] = $this->get(Margins::class)->lost();
        self::assertSame(['the dot lifted', 1, 100], [$lost['reason'], $lost['count'], $lost['soFar']]);
        self::assertGreaterThan(8 / 60 * 2800, $lost['cost'], 'a sheet was loaded for it');
        $film = $this->get(Outcomes::class)->comebacks()->films;
        self::assertSame(
            [['permanent', 2, 1]],
            array_map(static fn ($one): array => [$one->of, $one->cases, $one->back], $film),
        );
    }

    public function testOrdersThatAreCutTogetherShareTheirSheet(): void
    {
        $small = $this->approved('Ada', 1);
        $large = $this->approved('Bartholomew', 3);
        $pieces = [...$small->pieces(), ...$large->pieces()];
        $batch = $this->release(...$pieces);
        $batch->start('test', $this->clock->now());
        foreach ($pieces as $piece) {
            $piece->move(PieceMove::StartCut, $this->clock->now());
            $piece->move(PieceMove::CutDone, $this->clock->now());
        }
        $batch->finished();
        $this->records->flush();
        $film = $this->get(FilmCutUp::class);
        $area = static fn (array $cut): float => array_sum(array_column($cut['films'], 'area'));
        [$one, $other, $both] = array_map(
            static fn (array $of): array => $film->of(array_values($of) ?: self::fail('There is no piece.')),
            [$small->pieces(), $large->pieces(), $pieces],
        );
        self::assertEqualsWithDelta($area($both), $area($one) + $area($other), 1.0, 'all of it once');
        self::assertGreaterThan(0.0, min($area($one), $area($other)), 'each something of it');
        self::assertEqualsWithDelta(1.0, $one['sheets'] + $other['sheets'], 1e-6);
    }

    /** @return list<array{Sale, mixed}> as the background reckoned them */
    private function lately(): array
    {
        $sold = $this->get(Sold::class);
        self::assertSame(0, $sold->reckonSome());
        [$known, $stale] = $sold->lately();
        self::assertSame(0, $stale);

        return $known;
    }

    private function minutes(CostLine $line): float
    {
        return (float) $line->says;
    }

    public function testWhatIsMadeShowsItsMargin(): void
    {
        $docket = $this->approved('Heron', 2);
        self::assertSame([[], 1], $this->get(Sold::class)->lately(), 'nothing is reckoned yet, and it is known');
        self::assertSame([], $this->get(Margins::class)->margins()[0], 'nothing is made yet');
        [[$sale]] = $this->lately();
        self::assertSame([$docket->tag(), $docket->price()], [$sale->tag, $sale->price->minor]);
        self::assertGreaterThan(0, $sale->letters);
        $told = $sale->minutes;
        foreach ($docket->pieces() as $piece) {
            $this->cutAgain($piece);
            $this->clock->sleep(120);
            $this->weed($piece);
            $this->apply($piece);
        }
        self::assertSame(1, $this->get(Sold::class)->lately()[1], 'it stands otherwise since');
        $this->lately();
        $margins = array_column($this->get(Margins::class)->margins()[0], null, 'by');
        self::assertSame(
            ['face' => 'bebas', 'film' => 'permanent', 'object' => 'rectangle'],
            array_column($margins, 'of', 'by'),
        );
        foreach ($margins as $margin) {
            self::assertSame(
                [$docket->price(), $this->cost($docket)->cost->minor],
                [$margin['price'], $margin['cost']],
            );
        }
        [[$sale]] = $this->lately();
        self::assertNotEqualsWithDelta($told, $sale->minutes, 0.01, 'now as it was');
        self::assertSame([$docket->price()], array_column($this->get(Sold::class)->test()[0]->paid['area'], 'minor'));
    }

    /** What was kept from beside its pieces is on the shelf again: it is charged to whoever cuts that. */
    public function testFilmThatCameBackIsNotCharged(): void
    {
        // A letter that stands high and narrow leaves room beside it.
        $docket = $this->get(TakeOrder::class)->begin(
            new TypedOrder(
                Answers::fromKept(['width' => '150mm', 'height' => '420mm'] + $this->answers('I', 1)->toArray()),
            ),
            true,
        );
        $this->draw($docket, new Design('bebas'));
        $this->approve($docket);
        [$piece] = $docket->pieces();
        $this->cutAgain($piece);
        $area = fn (): float => array_sum(array_column($this->get(Costs::class)->spent($docket)->films ?? [], 'area'));
        $used = $area();
        self::assertGreaterThan(0, $used);
        $batch = $this->get(Batches::class)->batch((int) $piece->batch());
        $whole = $batch->width() * $batch->height() / 1e6;
        $rest = $this->get(Remnants::class)->putAway($batch, $batch->version(), Remnants::SQUARE);
        self::assertEqualsWithDelta($whole - ($rest?->area() ?? 0) / 1e6, $area(), 1.0, 'gone is taken less put back');
        self::assertLessThan($used, $area(), 'less than the length that was used');
        [$week] = $this->get(Pictures::class)->film();
        self::assertEqualsWithDelta($area() / 1e6, $week['off'] - $week['back'], 0.002, 'in the pictures too');
    }

    /** A length off a roll went off the shelf as a sheet does. */
    public function testARollCountsInThePictures(): void
    {
        $this->get(Stockroom::class)->correct($this->sheets, $this->sheets->version(), 0, 'all lent');
        $this->get(Stockroom::class)->receive($this->navy, StockItem::ROLL, 600_000, 5_000_000, 1, 'r');
        $docket = $this->approved('Teal', 1);
        $this->cutAgain($docket->pieces()[0]);
        $area = array_sum(array_column($this->get(Costs::class)->spent($docket)->films ?? [], 'area')) / 1e6;
        [$week] = $this->get(Pictures::class)->film();
        self::assertGreaterThan(0.01, $week['off']);
        self::assertEqualsWithDelta($area, $week['off'], 0.002);
    }

    /** Spoiled while it waits for the knife it cost nothing; spoiled at the bench all that was put into it. */
    public function testWhatIsSpoiledBeforeTheKnifeIsNeitherCutNorWeeded(): void
    {
        $docket = $this->approved('Teal', 1);
        [$piece] = $docket->pieces();
        $this->release($piece);
        $bench = $this->get(BenchWork::class);
        $this->get(Spoiling::class)->piece($piece, $piece->version(), 'the sheet was creased');
        self::assertNull($this->get(Costs::class)->of($docket), 'nothing was cut yet');
        $this->cutAgain($piece);
        $once = $this->get(Costs::class)->spent($docket) ?? self::fail('It was cut.');
        $this->weed($piece);
        $weeded = $this->get(Costs::class)->spent($docket) ?? self::fail('It was cut.');
        $this->get(Spoiling::class)->piece($piece, $piece->version(), 'a letter tore');
        $this->cutAgain($piece);
        $twice = $this->get(Costs::class)->spent($docket) ?? self::fail('It was cut.');
        self::assertEqualsWithDelta(2 * $once->blade, $twice->blade, 0.001);
        self::assertGreaterThan(0, array_sum($weeded->weeding));
        self::assertSame(0.0, (float) array_sum($once->weeding));
        self::assertEqualsWithDelta(array_sum($weeded->weeding), array_sum($twice->weeding), 0.01);
    }

    public function testAnInvoiceIsPaidOnceAndReceiptsRunOn(): void
    {
        $receipts = $this->get(Receipts::class);
        $numbers = [];
        foreach (['Heron', 'Teal'] as $words) {
            $invoice = $this->get(Invoices::class)->write($this->approved($words, 1));
            self::assertNull($this->get(Invoices::class)->account($invoice->docket())->receipt());
            try {
                $receipts->paid($invoice, 'beads');
                self::fail('Nobody pays in beads.');
            } catch (Refusals $refusals) {
                self::assertSame(['paidBy'], array_keys($refusals->fields));
            }
            $receipt = $receipts->paid($invoice, 'card');
            self::assertSame($receipt, $receipts->paid($invoice, 'cash'), 'once');
            self::assertStringContainsString('by card', $receipt->bill()->says);
            self::assertSame($invoice->total()->minor, $receipt->bill()->total->minor);
            $numbers[] = $receipt->number();
        }
        self::assertSame([$numbers[0], $numbers[0] + 1], $numbers);
        self::assertSame($receipt, $receipts->numbered($numbers[1]));
        $this->expectException(NotFound::class);
        $receipts->numbered(999);
    }

    /** What a proof says is what its quote says, whatever is changed afterwards. */
    public function testTheQuoteIsFrozenWithTheProof(): void
    {
        $docket = $this->taken('Heron', 3);
        $this->draw($docket, new Design('bebas'));
        $invoices = $this->get(Invoices::class);
        $bill = $invoices->quote($docket->proofs()->newest());
        self::assertSame("Quote {$docket->tag()}/1", $bill->title);
        self::assertSame($docket->price(), $bill->total->minor);
        self::assertStringContainsString('It holds until', $bill->says);
        self::assertStringContainsString('3 × Heron, on Coal hod', $bill->lines[0]);
        $this->get(DrawOrder::class)->price($docket, $docket->version(), '55');
        self::assertEquals($bill, $invoices->quote($docket->proofs()->all()[0]));
        self::assertSame(5500, $invoices->quote($docket->proofs()->newest())->total->minor);
        self::assertSame(2, $docket->proofs()->newest()[0]->nth());
        $this->approve($docket, 2);
        self::assertStringContainsString('Agreed on', $invoices->quote($docket->proofs()->newest())->says);
        self::assertSame(
            $docket->proofs()->newest()[0]->frozen()->charged->quote,
            array_map(
                static fn ($line): array => [
                    'what' => $line->what,
                    'says' => $line->says,
                    'minor' => $line->amount->minor,
                ],
                $invoices->quoted($docket),
            ),
        );
    }
}
