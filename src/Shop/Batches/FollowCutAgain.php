<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Messenger\Event\WorkerMessageFailedEvent;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Messenger\Stamp\DelayStamp;

/**
 * A cut is followed to its end, whatever happens to one message: one that failed for good stays with the failed ones
 * for the owner, and a new one takes its place. Else a batch would stay under the knife for ever.
 */
#[AsEventListener]
final readonly class FollowCutAgain
{
    private const AGAIN_AFTER_MS = 15_000;

    public function __construct(private Batches $batches, private MessageBusInterface $bus)
    {
    }

    /** Sends a new message where one failed for good and its cut still runs. */
    public function __invoke(WorkerMessageFailedEvent $event): void
    {
        $message = $event->getEnvelope()->getMessage();
        if (
            !$event->willRetry()
            && $message instanceof FollowCut
            && $this->batches->isOnCutter($message->batch, $message->job)
        ) {
            $this->bus->dispatch(new FollowCut($message->batch, $message->job, $message->lost + 1), [
                new DelayStamp(self::AGAIN_AFTER_MS),
            ]);
        }
    }
}
