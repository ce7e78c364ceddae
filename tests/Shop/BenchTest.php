<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use PHPUnit\Framework\Attributes\DataProvider;
use Yelbo\Shop\Bench\BenchWork;
use Yelbo\Shop\Bench\Spoiling;
use Yelbo\Shop\Bench\WorkPlans;
use Yelbo\Shop\Delivery\Delivery;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Orders\Thing;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Journey\Station;
use Yelbo\Trade\Refused;

final class BenchTest extends ShopTestCase
{
    private function bench(): BenchWork
    {
        return $this->get(BenchWork::class);
    }

    private function refuses(string $says, \Closure $act): void
    {
        try {
            $act();
            self::fail("Must be refused: $says");
        } catch (Refused|Refusals $refused) {
            self::assertStringContainsString($says, $refused->getMessage());
        }
    }

    public function testNothingIsWeededUntilTheCountIsZero(): void
    {
        [$piece] = $this->cut('BOAT')->pieces();
        $this->refuses(
            'Not all inside pieces',
            fn () => $this->bench()->weeded($piece, $piece->version()),
        );
        $this->bench()->countOut($piece, $piece->version(), [0, 1, 99]);
        self::assertSame([0, 1], $piece->out(), 'a number that is no piece does not count');
        $this->weed($piece);
        self::assertSame(PieceState::Applying, $piece->state());
    }

    public function testAppliedHereRestsForItsWait(): void
    {
        $docket = $this->cut();
        [$piece] = $docket->pieces();
        $this->weed($piece);
        $thing = $piece->thing();
        $move = fn (PieceMove $move) => $this->bench()->move($thing, $thing->version(), $move);
        $this->refuses('Not all steps', static fn () => $move(PieceMove::Applied));
        $this->tick($thing);
        $this->refuses('applied here', static fn () => $move(PieceMove::Packed));
        $move(PieceMove::Applied);
        self::assertEquals($this->clock->now()->modify('+72 hours'), $thing->restsUntil());
        $this->clock->modify('+71 hours');
        $this->refuses('rest until Thu 26 Nov, 09:00', static fn () => $move(PieceMove::Rested));
        $this->clock->modify('+1 hour');
        $move(PieceMove::Rested);
        self::assertSame(Station::Send, $docket->station());
    }

    public function testTheCustomersOwnIsPackedAndPosted(): void
    {
        $docket = $this->cut(count: 2, appliedBy: 'customer');
        foreach ($docket->things() as $thing) {
            $this->weed($thing->first());
            $this->tick($thing);
            $this->refuses('pack it', fn () => $this->bench()->move($thing, $thing->version(), PieceMove::Applied));
            $this->bench()->move($thing, $thing->version(), PieceMove::Packed);
        }
        [$first, $second] = $docket->things();
        $this->get(Delivery::class)->move($first, $first->version(), PieceMove::Post, ' TW-1 ');
        self::assertSame('TW-1', $first->tracking());
        $this->get(Delivery::class)->move($first, $first->version(), PieceMove::Deliver, '');
        self::assertSame(DocketState::Making, $docket->state(), 'one is still here');
        $this->get(Delivery::class)->move($second, $second->version(), PieceMove::HandOver, '');
        self::assertSame(DocketState::Done, $docket->state());
        self::assertSame('All delivered', array_reverse($this->book($docket))[0]);
    }

    private function tick(Thing $thing): void
    {
        $this->bench()->tick(
            $thing,
            $thing->version(),
            array_keys($this->get(WorkPlans::class)->of($thing)->handSteps()),
        );
    }

    /** @return iterable<string, array{PieceState}> */
    public static function spoilable(): iterable
    {
        foreach (
            [
                PieceState::Batched,
                PieceState::Weeding,
                PieceState::Applying,
                PieceState::Curing,
                PieceState::Ready,
                PieceState::OnItsWay,
            ] as $state
        ) {
            yield $state->value => [$state];
        }
    }

    #[DataProvider('spoilable')]
    public function testSpoiledAtAnyStationItIsRecutWithTheReason(PieceState $where): void
    {
        $appliedBy = PieceState::Curing === $where ? 'shop' : 'customer';
        $docket =
            PieceState::Batched === $where
                ? $this->approved(count: 1, appliedBy: $appliedBy)
                : $this->cut(appliedBy: $appliedBy);
        [$piece] = $docket->pieces();
        PieceState::Batched === $where ? $this->release($piece) : $this->bring($piece, $where);
        self::assertSame($where, $piece->state());
        $this->refuses(
            'What went wrong',
            fn () => $this->get(Spoiling::class)->piece($piece, $piece->version(), '  '),
        );
        $this->get(Spoiling::class)->piece($piece, $piece->version(), 'a letter tore');
        self::assertSame(PieceState::Waiting, $piece->state());
        self::assertSame(
            [1, 'a letter tore', null, [], []],
            [
                $piece->recuts(),
                $piece->spoiledBecause(),
                $piece->batch(),
                $piece->out(),
                $piece->thing()->progress()->done,
            ],
        );
        self::assertContains("{$piece->tag()} spoiled: a letter tore", $this->book($docket));
        self::assertSame(Station::Batch, $docket->station());
    }

    public function testTwoAtTheSamePiece(): void
    {
        [$piece] = $this->cut('BOAT')->pieces();
        $seen = $piece->version();
        $this->bench()->countOut($piece, $seen, [0]);
        $this->expectException(Conflict::class);
        $this->bench()->countOut($piece, $seen, [1]);
    }

    public function testBatchMovesAreNotMadeByThePiece(): void
    {
        [$thing] = $this->approved()->things();
        $this->refuses('whole batch', fn () => $this->bench()->move($thing, $thing->version(), PieceMove::StartCut));
        $this->refuses('one piece', fn () => $this->bench()->move($thing, $thing->version(), PieceMove::Weeded));
    }

    private function bring(Piece $piece, PieceState $where): void
    {
        if (PieceState::Weeding === $where) {
            return;
        }
        $this->weed($piece);
        if (PieceState::Applying === $where) {
            return;
        }
        $thing = $piece->thing();
        $this->tick($thing);
        $this->bench()->move(
            $thing,
            $thing->version(),
            PieceState::Curing === $where ? PieceMove::Applied : PieceMove::Packed,
        );
        if (PieceState::OnItsWay === $where) {
            $this->get(Delivery::class)->move($thing, $thing->version(), PieceMove::Post, '');
        }
    }
}
