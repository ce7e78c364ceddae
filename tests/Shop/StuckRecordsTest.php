<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use PHPUnit\Framework\Attributes\DataProvider;
use Yelbo\Shop\Batches\Batches;
use Yelbo\Shop\Batches\Cutting;
use Yelbo\Shop\Delivery\Delivery;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Orders\Dockets;
use Yelbo\Shop\Orders\Pieces;
use Yelbo\Shop\Upkeep\Stuck;
use Yelbo\Shop\Upkeep\StuckRecords;
use Yelbo\Trade\Journey\DocketState;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;

/** No record stays where no move leads on from; and nothing that is on its way is touched. */
final class StuckRecordsTest extends ShopTestCase
{
    private function sql(string $statement): void
    {
        $this->records->flush();
        $this->records->getConnection()->executeStatement($statement);
        $this->records->clear();
    }

    private function docket(Docket $docket): Docket
    {
        return $this->get(Dockets::class)->numbered($docket->number());
    }

    public function testNothingIsStuckInAShopThatWorks(): void
    {
        $this->taken();
        $this->approved('Merlin');
        $this->cut('Heron');
        $this->release(...$this->approved('Kestrel')->pieces());
        self::assertSame(
            [],
            array_map(static fn (Stuck $stuck): string => $stuck->what, $this->get(StuckRecords::class)->all()),
        );
    }

    /** @return iterable<string, array{string, string, PieceState, DocketState}> */
    public static function torn(): iterable
    {
        yield 'all has arrived' => [
            "UPDATE piece SET state = 'delivered'",
            'all of it has arrived',
            PieceState::Delivered,
            DocketState::Done,
        ];
        yield 'its batch was taken apart' => [
            "UPDATE batch SET state = 'dissolved'",
            'waits for film again',
            PieceState::Waiting,
            DocketState::Making,
        ];
        yield 'its batch is not there' => [
            'UPDATE piece SET batch_id = NULL',
            'waits for film again',
            PieceState::Waiting,
            DocketState::Making,
        ];
        yield 'its batch is cut' => [
            "UPDATE batch SET state = 'cut'",
            'stands where its batch does',
            PieceState::Weeding,
            DocketState::Making,
        ];
        yield 'it is cut and its batch is not' => [
            "UPDATE piece SET state = 'cutting'",
            'stands where its batch does',
            PieceState::Batched,
            DocketState::Making,
        ];
    }

    #[DataProvider('torn')]
    public function testWhatWasTornIsFoundAndMendedByItsRule(
        string $statement,
        string $says,
        PieceState $piece,
        DocketState $state,
    ): void {
        $docket = $this->approved(count: 1);
        $this->release(...$docket->pieces());
        $this->sql($statement);
        $found = $this->get(StuckRecords::class)->all();
        self::assertCount(1, $found);
        self::assertStringContainsString($says, "{$found[0]->what} {$found[0]->rule}");
        $this->get(StuckRecords::class)->mend();
        $this->records->clear();
        $docket = $this->docket($docket);
        self::assertSame($state, $docket->state());
        self::assertSame($piece, $docket->pieces()[0]->state());
        self::assertSame([], $this->get(StuckRecords::class)->all());
        self::assertSame('mended', $this->get(Book::class)->page(null, 1)[0]->what());
    }

    public function testOneWithoutPiecesGoesBackToSize(): void
    {
        $docket = $this->approved(count: 1);
        $this->sql('DELETE FROM piece');
        $this->get(StuckRecords::class)->mend();
        $this->records->clear();
        self::assertSame(DocketState::Sizing, $this->docket($docket)->state());
    }

    public function testACutNobodyFollowsIsFollowedAgain(): void
    {
        $batch = $this->release(...$this->approved()->pieces());
        $this->get(Cutting::class)->start($batch, $batch->version(), $this->sheets);
        // The tests' messages wait in memory, where the records know nothing of them.
        self::assertCount(1, $this->get(StuckRecords::class)->mend());
        $this->records->getConnection()->executeStatement(
            'INSERT INTO messenger_messages (body, headers, queue_name, created_at, available_at) VALUES (?, ?, ?, '
                .'NOW(), NOW())',
            ["O:…FollowCut…{$batch->cut()->job()}…", '[]', 'default'],
        );
        self::assertSame([], $this->get(StuckRecords::class)->all());
        self::assertSame('cutting', $this->get(Batches::class)->batch($batch->id())->state()->value);
    }

    /** What the second of two was read before the first was committed: its own copy is old. */
    public function testTwoLastPiecesThatLeaveAtOnceFinishTheirOrder(): void
    {
        $docket = $this->approved();
        [$first, $second] = $docket->pieces();
        $this->sql("UPDATE piece SET state = 'ready'");
        $docket = $this->docket($docket);
        [$first, $second] = $docket->pieces();
        $this->records->getConnection()->executeStatement(
            "UPDATE piece SET state = 'delivered', version = version + 1 WHERE id = ?",
            [$first->id()],
        );
        self::assertSame(PieceState::Ready, $first->state(), 'as it was read');
        $this->get(Delivery::class)->move($second->thing(), $second->thing()->version(), PieceMove::HandOver, '');
        self::assertSame(DocketState::Done, $docket->state());
        self::assertFalse($this->get(Pieces::class)->areUnderWay($docket->number()));
    }
}
