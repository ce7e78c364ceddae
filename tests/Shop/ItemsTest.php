<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Yelbo\Shop\Bench\BenchWork;
use Yelbo\Shop\Bench\Spoiling;
use Yelbo\Shop\Bench\WorkPlans;
use Yelbo\Shop\Delivery\Delivery;
use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Designs\Draft;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Orders\Answers;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\DrawOrder;
use Yelbo\Shop\Orders\Item;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\ProofPage;
use Yelbo\Shop\Orders\TakeOrder;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Shop\Orders\TypedOrder;
use Yelbo\Shop\Proofs\Approval;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Shop\Stock\FilmOnShelf;
use Yelbo\Trade\Film\Film;
use Yelbo\Trade\Journey\DocketMove;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Refused;

/** One order holds many items: one proof, one yes, and each item by itself where one is changed. */
final class ItemsTest extends ShopTestCase
{
    private function other(string $words = 'Tea', string $object = 'Drawer front', string $count = '3'): Answers
    {
        return Answers::fromKept([
            'words' => $words,
            'object' => $object,
            'width' => '120mm',
            'height' => '60mm',
            'quantity' => $count,
            'customer' => 'somebody else',
        ] + $this->answers()->toArray());
    }

    private function two(): Docket
    {
        return $this->get(TakeOrder::class)->begin(new TypedOrder($this->answers(), [$this->other()]), true);
    }

    private function proofed(Docket $docket): void
    {
        foreach ($docket->items() as $nth => $item) {
            $this->get(DrawOrder::class)->draw(
                $item,
                $docket->version(),
                new Draft($item->words(), new Design('bebas')),
                $nth === \count($docket->items()) - 1,
            );
        }
    }

    /** @return list<array{string, int}> */
    private static function told(Docket $docket): array
    {
        return array_map(
            static fn (Piece $piece): array => [$piece->tag(), $piece->item()->nth()],
            $docket->pieces(),
        );
    }

    public function testWhatIsAskedOnceHoldsForAllAndTheRestIsEachItemsOwn(): void
    {
        $docket = $this->two();
        self::assertSame('Kestrel; Tea', $docket->label());
        self::assertSame('Osric Tamblyn', $docket->customer()?->name());
        [$first, $second] = $docket->items();
        self::assertSame([180_000, 120_000], [
            $first->object()->size()->width->micrometres,
            $second->object()->size()->width->micrometres,
        ]);
        self::assertSame([2, 3], [$first->quantity(), $second->quantity()]);
        self::assertSame('Osric Tamblyn', $second->answers()->customer, 'asked once, whoever typed it elsewhere');
        self::assertSame('Tea', $second->answers()->words);
    }

    public function testWhatIsWrongWithAnotherItemStandsAtItsField(): void
    {
        $before = $this->records->getConnection()->fetchOne('SELECT COUNT(*) FROM docket');
        try {
            $this->get(TakeOrder::class)->begin(
                new TypedOrder($this->answers(), [$this->other(), $this->other(words: '', object: '')]),
                true,
            );
            self::fail('words are missing');
        } catch (Refusals $refusals) {
            self::assertSame(['others.1.words', 'others.1.object'], array_keys($refusals->fields));
        }
        self::assertSame($before, $this->records->getConnection()->fetchOne('SELECT COUNT(*) FROM docket'));
        try {
            $this->get(TakeOrder::class)->begin(
                new TypedOrder($this->answers(), [$this->other(words: str_repeat('Ab ', 900))]),
                true,
            );
            self::fail('so many words do not fit');
        } catch (Refusals $refusals) {
            self::assertSame(['others.0.words'], array_keys($refusals->fields));
        }
    }

    public function testWhatIsBegunKeepsAsManyItemsAsWereTyped(): void
    {
        $take = $this->get(TakeOrder::class);
        $docket = $take->begin(
            new TypedOrder(new Answers(words: 'One'), [new Answers(words: 'Two'), new Answers(words: 'Three')]),
            false,
        );
        self::assertSame('One; Two; Three', $docket->label());
        $take->answer(
            $docket,
            $docket->version(),
            new TypedOrder(new Answers(words: 'One'), [new Answers(words: 'Drei')]),
            false,
        );
        $this->records->refresh($docket);
        self::assertSame('One; Drei', $docket->label());
        $take->answer(
            $docket,
            $docket->version(),
            new TypedOrder($this->answers('One'), [$this->other(), $this->other('Cups')]),
            true,
        );
        self::assertSame('One; Tea; Cups', $docket->label());
        self::assertSame([1, 2, 4], array_map(static fn (Item $item): int => $item->nth(), $docket->items()));
    }

    public function testOneProofShowsEveryItemAndOneYesMakesAllPieces(): void
    {
        $docket = $this->two();
        $this->proofed($docket);
        $pages = $docket->proofs()->newest();
        self::assertSame(
            [['Kestrel'], ['Tea']],
            array_map(static fn (ProofPage $page): array => $page->words(), $pages),
        );
        self::assertSame(
            ['Coal hod', 'Drawer front'],
            array_map(static fn (ProofPage $page): string => $page->frozen()->on->object, $pages),
        );
        $this->approve($docket);
        $tag = $docket->tag();
        self::assertSame(
            [["$tag/1", 1], ["$tag/2", 1], ["$tag/3", 2], ["$tag/4", 2], ["$tag/5", 2]],
            self::told($docket),
        );
        self::assertSame(
            [["$tag/1", 1], ["$tag/2", 1], ["$tag/3", 2], ["$tag/4", 2], ["$tag/5", 2]],
            array_map(static fn (Thing $thing): array => [$thing->tag(), $thing->item()->nth()], $docket->things()),
            'a decal each: each is a thing',
        );
    }

    public function testAStopOfAnItemThatIsNotInHandIsToldWithItsName(): void
    {
        $docket = $this->two();
        [$first, $second] = $docket->items();
        $draw = $this->get(DrawOrder::class);
        $draw->draw($second, $docket->version(), new Draft(['Tea'], new Design('great-vibes', 12_000)), false);
        try {
            $draw->draw($first, $docket->version(), new Draft(['Kestrel'], new Design('bebas')), true);
            self::fail('hairlines are stopped');
        } catch (Refusals $refusals) {
            self::assertStringStartsWith('Tea on Drawer front: No proof yet.', $refusals->fields['items'] ?? '');
        }
        self::assertSame([], $docket->proofs()->newest());
    }

    public function testAChangeToOneItemKeepsWhatWasSaidYesToElsewhere(): void
    {
        $docket = $this->two();
        $this->proofed($docket);
        $this->approve($docket);
        [$first, $second] = $docket->items();
        $this->get(Approval::class)->reopen($docket, $docket->version(), 'larger', [2]);
        self::assertSame(DocketState::Sizing, $docket->state());
        self::assertSame([[$docket->tag().'/1', 1], [$docket->tag().'/2', 1]], self::told($docket));
        $draw = $this->get(DrawOrder::class);
        try {
            $draw->draw($first, $docket->version(), new Draft(['Kestrels'], new Design('anton')), false);
            self::fail('it is being made');
        } catch (Refused $refused) {
            self::assertStringContainsString('being made', $refused->getMessage());
        }
        // What is being made goes on meanwhile, all the way.
        foreach ($docket->pieces() as $piece) {
            foreach ([PieceMove::Batch, PieceMove::StartCut, PieceMove::CutDone, PieceMove::Weeded] as $move) {
                $piece->move($move, $this->clock->now());
            }
        }
        $draw->draw($second, $docket->version(), new Draft(['Teas'], new Design('anton')), true);
        self::assertSame(
            [['Kestrel', 'Osric Tamblyn'], ['Teas', null]],
            array_map(
                static fn (ProofPage $page): array => [implode(' ', $page->words()), $page->approvedBy()],
                $docket->proofs()->newest(),
            ),
        );
        self::assertNull(ProofPage::lastApproved($docket->proofs()->newest()));
        $this->approve($docket, 2, 'Perpetua Lyle');
        self::assertSame(
            ['Osric Tamblyn', 'Perpetua Lyle'],
            array_map(static fn (ProofPage $page): ?string => $page->approvedBy(), $docket->proofs()->newest()),
        );
        self::assertSame(
            [[1, 1, 'applying'], [2, 1, 'applying'], [3, 2, 'waiting'], [4, 2, 'waiting'], [5, 2, 'waiting']],
            array_map(
                static fn (Piece $piece): array => [$piece->nth(), $piece->item()->nth(), $piece->state()->value],
                $docket->pieces(),
            ),
        );
    }

    public function testAnOrderIsDoneWhenItsLastItemIs(): void
    {
        $docket = $this->two();
        $this->proofed($docket);
        $this->approve($docket);
        $this->get(Approval::class)->reopen($docket, $docket->version(), 'not wanted', [2]);
        foreach ($docket->pieces() as $piece) {
            foreach (
                [
                    PieceMove::Batch,
                    PieceMove::StartCut,
                    PieceMove::CutDone,
                    PieceMove::Weeded,
                    PieceMove::Packed,
                    PieceMove::HandOver,
                ] as $move
            ) {
                $piece->move($move, $this->clock->now());
            }
        }
        self::assertSame(DocketState::Sizing, $docket->state(), 'one of its items is still open');
        $this->get(TakeOrder::class)->drop($docket, $docket->version(), $docket->item(2));
        self::assertSame('Kestrel', $docket->label());
        $docket->freeze(...array_map(
            fn (ProofPage $page): ProofPage => $page->again(2, $this->clock->now(), $page->frozen()),
            [$docket->proofs()->newest()[0]],
        ));
        $this->records->flush();
        $this->approve($docket, 2);
        self::assertSame(DocketState::Done, $docket->state());
    }

    public function testAnotherItemAndTheSameAgainAreAddedAtSize(): void
    {
        $take = $this->get(TakeOrder::class);
        $docket = $this->taken();
        $take->add($docket, $docket->version(), $this->other());
        $this->draw($docket, new Design('oswald', 20_000), false);
        [$again] = $take->again($docket, $docket->version(), $docket->item(1), 'Wren | of Kettle');
        self::assertSame('Kestrel; Tea; Wren of Kettle', $docket->label());
        self::assertSame(['Wren', 'of Kettle'], $again->words());
        self::assertSame('oswald', $again->design()->face());
        self::assertNull($again->design()->capHeight(), 'its own size is sought');
        self::assertEquals($docket->item(1)->object(), $again->object());
        $old = $this->approved('Heron');
        [$again] = $take->again($docket, $docket->version(), $old->item(), '');
        self::assertSame(['Heron'], $again->words(), 'of any order at any age');
        $this->expectException(Refused::class);
        $take->add($old, $old->version(), $this->other());
    }

    public function testAListIsAnItemALineEachWithItsFilmAndHowMany(): void
    {
        $red = new FilmOnShelf(Film::Permanent, 'oxide red', '#8f1f1b');
        $this->records->persist($red);
        $this->records->flush();
        $take = $this->get(TakeOrder::class);
        $docket = $this->taken();
        $items = $take->again($docket, $docket->version(), $docket->item(), "Ada; red; 3\nBartholomew\t2\nCass;;4\n");
        self::assertSame(
            [['Ada', 'Permanent, oxide red', 3], ['Bartholomew', 'Permanent, navy', 2], ['Cass', 'Permanent, navy', 4]],
            array_map(
                static fn (Item $item): array => [$item->label(), $item->film()?->name(), $item->quantity()],
                $items,
            ),
        );
        $before = \count($docket->items());
        foreach ([
            "Ada\n; red" => 'Line 2 has no words',
            "Ada\nCass; teal" => 'Line 2: there is no film “teal”',
        ] as $typed => $says) {
            try {
                $take->again($docket, $docket->version(), $docket->item(), $typed);
                self::fail($says);
            } catch (Refusals $refusals) {
                self::assertStringContainsString($says, $refusals->fields['words'] ?? '');
            }
        }
        self::assertCount($before, $docket->items(), 'all of them or none');
    }

    public function testTheOnlyItemIsNotLeftOut(): void
    {
        $docket = $this->taken();
        $this->expectException(Refused::class);
        $this->expectExceptionMessageMatches('~only item~');
        $this->get(TakeOrder::class)->drop($docket, $docket->version(), $docket->item());
    }

    public function testWhoDrawsAnItemSecondIsToldSoWhicheverItIs(): void
    {
        $docket = $this->two();
        [$first, $second] = $docket->items();
        $seen = $docket->version();
        $draw = $this->get(DrawOrder::class);
        $draw->draw($first, $seen, new Draft(['Kestrel'], new Design('anton')), false);
        $this->expectException(Conflict::class);
        $draw->draw($second, $seen, new Draft(['Tea'], new Design('anton')), false);
    }

    public function testAnOrderOfWhichSomethingIsMadeIsNotCancelled(): void
    {
        $docket = $this->two();
        $this->proofed($docket);
        $this->approve($docket);
        $this->get(Approval::class)->reopen($docket, $docket->version(), 'larger', [2]);
        self::assertSame([PieceState::Waiting], array_values(array_unique(
            array_map(static fn (Piece $piece): PieceState => $piece->state(), $docket->pieces()),
            \SORT_REGULAR,
        )));
        $this->expectException(Refused::class);
        $this->get(DrawOrder::class)->move($docket, $docket->version(), DocketMove::Cancel, 'sold');
    }

    /** A set is worked as a set: one tick, one wait, one hand-over for all that stand alike, each still by itself. */
    public function testWhatStandsAlikeIsDoneAtOnce(): void
    {
        $docket = $this->two();
        $this->proofed($docket);
        $this->approve($docket);
        foreach ($docket->pieces() as $piece) {
            foreach ([PieceMove::Batch, PieceMove::StartCut, PieceMove::CutDone, PieceMove::Weeded] as $move) {
                $piece->move($move, $this->clock->now());
            }
        }
        $this->records->flush();
        $bench = $this->get(BenchWork::class);
        [$first, $second, $tea, $more, $last] = $docket->things();
        $bench->tick($tea, $tea->version(), array_keys($this->get(WorkPlans::class)->of($tea)->handSteps()), true);
        self::assertSame(
            [[], []],
            [$first->progress()->done, $second->progress()->done],
            'another item is another thing',
        );
        self::assertSame($tea->progress()->done, $last->progress()->done);
        // One lags behind: it is not taken along, and not held up.
        $this->get(Spoiling::class)->thing($last, $last->version(), [], 'creased');
        $bench->move($tea, $tea->version(), PieceMove::Applied, true);
        self::assertSame(
            ['applying', 'applying', 'curing', 'curing', 'waiting'],
            array_map(static fn (Piece $piece): string => $piece->state()->value, $docket->pieces()),
        );
        self::assertEquals($tea->restsUntil(), $more->restsUntil());
        $this->clock->sleep(73 * 3600);
        $bench->move($tea, $tea->version(), PieceMove::Rested, true);
        $bench->tick(
            $first,
            $first->version(),
            array_keys($this->get(WorkPlans::class)->of($first)->handSteps()),
            true,
        );
        $bench->move($first, $first->version(), PieceMove::Applied, true);
        $this->clock->sleep(73 * 3600);
        $bench->move($first, $first->version(), PieceMove::Rested);
        $delivery = $this->get(Delivery::class);
        $delivery->move($first, $first->version(), PieceMove::HandOver, '', true);
        self::assertSame(
            ['delivered', 'curing', 'delivered', 'delivered', 'waiting'],
            array_map(static fn (Piece $piece): string => $piece->state()->value, $docket->pieces()),
            'what stands at Send goes out once, whichever item it is of',
        );
    }
}
