<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Symfony\Component\Messenger\Envelope;
use Symfony\Component\Messenger\Event\WorkerMessageFailedEvent;
use Symfony\Component\Messenger\Stamp\DelayStamp;
use Symfony\Component\Messenger\Stamp\RedeliveryStamp;
use Symfony\Component\Messenger\Transport\InMemory\InMemoryTransport;
use Symfony\Contracts\EventDispatcher\EventDispatcherInterface;
use Yelbo\Shop\Batches\Batch;
use Yelbo\Shop\Batches\Batches;
use Yelbo\Shop\Batches\CutFollowing;
use Yelbo\Shop\Batches\Cutting;
use Yelbo\Shop\Batches\FollowCut;
use Yelbo\Shop\Batches\FollowCutHandler;
use Yelbo\Shop\Log\Book;
use Yelbo\Trade\Journey\BatchState;

/** A cut is followed to its end, message by message, also where one of them fails for good. */
final class FollowCutTest extends ShopTestCase
{
    private function started(): Batch
    {
        $batch = $this->release(...$this->approved()->pieces());
        $this->get(Cutting::class)->start($batch, $batch->version(), $this->sheets);
        $this->work()->reset();

        return $batch;
    }

    private function work(): InMemoryTransport
    {
        $transport = self::getContainer()->get('messenger.transport.work');
        \assert($transport instanceof InMemoryTransport);

        return $transport;
    }

    /** As the worker tells it: after so many tries it is given up. */
    private function fails(FollowCut $message, int $tried): void
    {
        $this->get(EventDispatcherInterface::class)->dispatch(
            new WorkerMessageFailedEvent(
                new Envelope($message, [new RedeliveryStamp($tried)]),
                'work',
                new \RuntimeException('The database went away.'),
            ),
        );
    }

    /** @return list<FollowCut> */
    private function sent(): array
    {
        return array_values(
            array_filter(
                array_map(static fn (Envelope $envelope): object => $envelope->getMessage(), $this->work()->getSent()),
                static fn (object $message): bool => $message instanceof FollowCut,
            ),
        );
    }

    public function testOneThatFailsForGoodIsFollowedByANewOneAfterAWhile(): void
    {
        $batch = $this->started();
        $this->fails(new FollowCut($batch->id(), (string) $batch->cut()->job()), 3);
        self::assertEquals([new FollowCut($batch->id(), (string) $batch->cut()->job(), 1)], $this->sent());
        self::assertGreaterThan(1000, $this->work()->getSent()[0]->last(DelayStamp::class)?->getDelay());
    }

    public function testOneThatIsTriedAgainAnywayIsNot(): void
    {
        $batch = $this->started();
        $this->fails(new FollowCut($batch->id(), (string) $batch->cut()->job()), 0);
        self::assertEquals(
            [new FollowCut($batch->id(), (string) $batch->cut()->job())],
            $this->sent(),
            'the same once more, and no new one',
        );
    }

    public function testACutThatIsOverOrAnotherJobIsNotFollowedAgain(): void
    {
        $batch = $this->started();
        $this->fails(new FollowCut($batch->id(), 'an-older-job'), 3);
        $this->machine()->machine->pass(10_000);
        $job = (string) $batch->cut()->job();
        $this->get(CutFollowing::class)->follow($batch->id(), $job);
        $this->fails(new FollowCut($batch->id(), $job), 3);
        self::assertSame([], $this->sent());
    }

    public function testTheNewOneSaysSoInTheBookOnceAndBringsTheCutToItsEnd(): void
    {
        $batch = $this->started();
        $id = $batch->id();
        $job = (string) $batch->cut()->job();
        $handle = $this->get(FollowCutHandler::class);
        $handle(new FollowCut($id, $job, 1));
        $handle(new FollowCut($id, $job, 2));
        self::assertEquals(
            [new FollowCut($id, $job), new FollowCut($id, $job)],
            $this->sent(),
            'from here it goes on as ever',
        );
        $this->machine()->machine->pass(10_000);
        $handle($this->sent()[0]);
        self::assertSame(BatchState::Cut, $this->get(Batches::class)->batch($id)->state());
        $said = array_filter(
            $this->get(Book::class)->page(null),
            static fn ($entry): bool => 'cut-unfollowed' === $entry->what(),
        );
        self::assertCount(1, $said);
        self::assertStringContainsString("Batch $id could not be followed", current($said)->says());
    }
}
