<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use PHPUnit\Framework\Attributes\DataProvider;
use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\AnswersReader;
use Yelbo\Shop\Orders\Counter;
use Yelbo\Shop\Orders\Customers;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Orders\DocketSummaries;
use Yelbo\Shop\Orders\DocketWords;
use Yelbo\Shop\Orders\DrawOrder;
use Yelbo\Shop\Orders\Outlines;
use Yelbo\Shop\Orders\TakeOrder;
use Yelbo\Shop\Orders\TypedOrder;
use Yelbo\Shop\Proofs\Approval;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Trade\Journey\DocketMove;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Journey\Station;
use Yelbo\Trade\Refused;

final class OrdersTest extends ShopTestCase
{
    public function testAnOrderCanBeBegunWithHardlyAnythingAndTakenLater(): void
    {
        $take = $this->get(TakeOrder::class);
        $docket = $take->begin(new TypedOrder(new Answers(customer: 'Osric Tamblyn', words: 'Kestr')), false);
        self::assertSame(DocketState::Asking, $docket->state());
        self::assertSame('Kestr', $docket->label());
        self::assertSame(Station::Ask, $docket->station());
        $take->answer($docket, $docket->version(), new TypedOrder($this->answers()), true);
        self::assertSame(Station::Size, $docket->station());
        self::assertSame('Osric Tamblyn', $docket->customer()?->name());
        self::assertSame(180_000, $docket->item()->object()->size()->width->micrometres);
        self::assertSame('Order taken: Kestrel × 2 on Coal hod, Permanent, navy', $this->book($docket)[1]);
    }

    public function testNumbersRunOn(): void
    {
        $first = $this->taken();
        $second = $this->taken('Damson');
        self::assertSame($first->number() + 1, $second->number());
        self::assertMatchesRegularExpression('~^Y-\d{4}$~', $first->tag());
        self::assertSame($first->customer(), $second->customer(), 'a known customer is the same customer');
    }

    /** @return iterable<string, array{string, string, string}> field, what is typed, what is said */
    public static function wrongAnswers(): iterable
    {
        yield 'nobody' => ['customer', ' ', 'Who is it for'];
        yield 'no words' => ['words', "\n \n", 'What words'];
        yield 'no object' => ['object', '', 'What does it go on'];
        yield 'no width' => ['width', '', 'Measure it'];
        yield 'nonsense width' => ['width', 'wide', 'not a length'];
        yield 'zero height' => ['height', '0', 'Between 1 mm and 20 m'];
        yield 'absurd height' => ['height', '90 m', 'Between 1 mm and 20 m'];
        yield 'corner too round' => ['corner', '60mm', 'half the shorter side'];
        yield 'no film' => ['film', '', 'Choose a film'];
        yield 'no such use' => ['useOf', 'moon', 'where it will be used'];
        yield 'none' => ['quantity', '0', 'How many'];
        yield 'a word for a figure' => ['quantity', 'two', 'How many'];
        yield 'no day' => ['neededOn', '', 'By when'];
        yield 'no such day' => ['neededOn', '2026-02-31', 'By when'];
        yield 'a day gone by' => ['neededOn', '2026-11-20', 'passed'];
    }

    #[DataProvider('wrongAnswers')]
    public function testEveryWrongAnswerGetsASentenceAtItsField(string $field, string $typed, string $says): void
    {
        $answers = Answers::fromKept([...$this->answers()->toArray(), $field => $typed]);
        try {
            $this->get(AnswersReader::class)->read(new TypedOrder($answers));
            self::fail("$field must be refused.");
        } catch (Refusals $refusals) {
            self::assertSame([$field], array_keys($refusals->fields));
            self::assertStringContainsString($says, $refusals->fields[$field]);
        }
    }

    public function testAllWrongAnswersAreSaidAtOnce(): void
    {
        try {
            $this->get(AnswersReader::class)->read(new TypedOrder(new Answers()));
            self::fail();
        } catch (Refusals $refusals) {
            self::assertEqualsCanonicalizing(
                ['customer', 'words', 'object', 'width', 'height', 'film', 'neededOn'],
                array_keys($refusals->fields),
            );
        }
    }

    public function testInchesAreReadAsTheShopMeasures(): void
    {
        $agreed = $this->get(AnswersReader::class)->read(new TypedOrder(Answers::fromKept([
            ...$this->answers()->toArray(),
            'units' => 'imperial',
            'width' => '7 1/16',
            'height' => '110mm',
        ])));
        self::assertSame(179_388, $agreed->items[0]->object->size()->width->micrometres);
        self::assertSame(110_000, $agreed->items[0]->object->size()->height->micrometres);
    }

    /** Letters the usual face lacks: another is taken that has them all, which is said, and Size begins with it. */
    public function testWordsTheUsualFaceLacksAreSetInTheFirstThatHasThem(): void
    {
        $seen = [];
        foreach (['Žofie', 'Ωμέγα', 'Пристань', 'Ệ'] as $words) {
            $heard = $this->get(Counter::class)->reply(new TypedOrder($this->answers($words)));
            $taken = null === $heard->drawn ? null : $this->taken($words);
            if (null === $taken) {
                // No face has them: the letter is named.
                self::assertStringContainsString('No face here has it', implode(' ', $heard->wrong), $words);
                continue;
            }
            $face = $taken->item()->design()->face();
            self::assertSame($face, $heard->drawn?->design->face());
            self::assertSame(Design::DEFAULT_FACE !== $face, str_contains(implode(' ', $heard->doubts), 'set in'));
            $this->draw($taken, new Design($face));
            $seen[] = $face;
        }
        self::assertContains(Design::DEFAULT_FACE, $seen);
        self::assertNotSame([Design::DEFAULT_FACE], array_values(array_unique($seen)), 'some in another');
    }

    public function testWordsNoFaceCanDrawAreNotTaken(): void
    {
        $this->expectException(Refusals::class);
        $this->expectExceptionMessageMatches('~🙂~');
        $this->taken('Kestrel 🙂');
    }

    public function testAProofFreezesTheOutlines(): void
    {
        $docket = $this->taken();
        $this->draw($docket, new Design('bebas', 30_000));
        $proof = $this->page($docket);
        self::assertSame(30_000, $proof->drawing()->capHeight()->micrometres);
        self::assertEqualsWithDelta(
            $proof->drawing()->size()->width->micrometres,
            $this->get(Outlines::class)->region($proof->drawing()->outline())->box()->width(),
            1,
        );
        $this->get(DrawOrder::class)->move($docket, $docket->version(), DocketMove::Change, '');
        $this->draw($docket, new Design('pacifico', 25_000));
        self::assertCount(2, $docket->proofs()->all());
        self::assertSame(
            30_000,
            $docket->proofs()->all()[0][0]->drawing()->capHeight()->micrometres,
            'the first proof is as it was',
        );
        $this->expectException(Refused::class);
        $this->expectExceptionMessageMatches('~newest~');
        $this->approve($docket);
    }

    public function testArtBeyondTheSafeAreaMakesNoProof(): void
    {
        $docket = $this->taken();
        $this->expectException(Refusals::class);
        $this->expectExceptionMessageMatches('~safe area~');
        $this->draw($docket, new Design('bebas', 90_000));
    }

    public function testTheYesMakesThePieces(): void
    {
        $docket = $this->approved(count: 3);
        self::assertCount(3, $docket->pieces());
        self::assertSame($docket->tag().'/3', $docket->pieces()[2]->tag());
        self::assertSame(Station::Batch, $docket->station());
        self::assertSame('Osric Tamblyn', $this->page($docket)->approvedBy());
    }

    public function testASecondHandComesTooLateAndIsToldBySentence(): void
    {
        $docket = $this->taken();
        $seen = $docket->version();
        $this->draw($docket, new Design('bebas'), version: $seen);
        try {
            $this->draw($docket, new Design('lobster'), version: $seen);
            self::fail();
        } catch (Refused $refused) {
            self::assertStringContainsString('not at Size', $refused->getMessage());
        }
        $this->expectException(Conflict::class);
        $this->expectExceptionMessageMatches(
            "~{$docket->tag()} was changed meanwhile by Yelbo \(Proof 1 made, [\d.]+ × [\d.]+ mm\)~",
        );
        $this->get(Approval::class)->approve($docket, $seen, 1, 'Osric Tamblyn');
    }

    public function testWhoDrewStandsInTheBookOnceAndWhoComesSecondIsToldHim(): void
    {
        $docket = $this->taken();
        $book = $this->get(Book::class);
        $before = \count($this->book($docket));
        $draw = fn (string $face, int $version) => $this->draw($docket, new Design($face), false, version: $version);
        $seen = $docket->version();
        $book->as('Tomas');
        $draw('bebas', $docket->version());
        $draw('anton', $docket->version());
        $book->as('Ines');
        $draw('oswald', $docket->version());
        $book->as('Tomas');
        $draw('krona', $docket->version());
        self::assertSame(
            ['Drawing changed', 'Drawing changed', 'Drawing changed'],
            \array_slice($this->book($docket), $before),
            'once for each who takes it up',
        );
        $this->expectException(Conflict::class);
        $this->expectExceptionMessageMatches('~changed meanwhile by Tomas \(Drawing changed\)~');
        $draw('rubik', $seen);
    }

    public function testCancellingNeedsAReason(): void
    {
        $docket = $this->taken();
        $size = $this->get(DrawOrder::class);
        try {
            $size->move($docket, $docket->version(), DocketMove::Cancel, ' ');
            self::fail();
        } catch (Refusals $refusals) {
            self::assertArrayHasKey('reason', $refusals->fields);
        }
        $size->move($docket, $docket->version(), DocketMove::Cancel, 'sold the boat');
        self::assertSame(DocketState::Cancelled, $docket->state());
        self::assertContains('Cancel the order: sold the boat', $this->book($docket));
        self::assertNotContains($docket->number(), array_column($this->get(DocketSummaries::class)->open(), 'number'));
    }

    public function testFinding(): void
    {
        $docket = $this->taken('Pêche');
        $dockets = $this->get(Dockets::class);
        $words = $this->get(DocketWords::class);
        foreach (
            [
                $docket->tag(),
                "{$docket->tag()}/2",
                "{$docket->number()}/1",
                (string) $docket->number(),
                'pêch',
                'pech',
                'osric',
                'hod',
                'tamb pêche',
                ' PÊCHE, hod',
            ] as $what
        ) {
            self::assertSame([$docket->number()], $words->find($what, 5), $what);
        }
        foreach (['100%', '%', '_', 'eche', 'pêche nobody', 'y-99999'] as $what) {
            self::assertSame([], $words->find($what, 5), $what);
        }
        $next = $this->taken('Pêche');
        self::assertSame([$next->number(), $docket->number()], $words->find('pêche', 5), 'the newest first');
        self::assertSame([$next->number()], $words->find('pêche', 1));
        $take = $this->get(TakeOrder::class);
        $begun = $take->begin(new TypedOrder($this->answers('Damson')), false);
        self::assertSame([$begun->number()], $words->find('dam', 5));
        $take->answer($begun, $begun->version(), new TypedOrder($this->answers('Sloe')), false);
        self::assertCount(1, $words->find('sloe', 5), 'what an order says now');
        self::assertSame([], $words->find('damson', 5), 'and not what it said before');
        self::assertSame(
            ['Osric Tamblyn'],
            array_map(static fn ($customer): string => $customer->name(), $this->get(Customers::class)->found('tam')),
        );
    }

    public function testTheBookCannotBeChanged(): void
    {
        $docket = $this->taken();
        $this->expectExceptionMessageMatches('~append-only~');
        $this->records
            ->getConnection()
            ->executeStatement('UPDATE log_entry SET says = ? WHERE docket = ?', [
                'nothing happened',
                $docket->number(),
            ]);
    }

    public function testNorCanItBeTorn(): void
    {
        $this->taken();
        $this->expectExceptionMessageMatches('~append-only~');
        $this->records->getConnection()->executeStatement('DELETE FROM log_entry');
    }
}
