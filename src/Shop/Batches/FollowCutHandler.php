<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Symfony\Component\Messenger\Attribute\AsMessageHandler;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Messenger\Stamp\DelayStamp;
use Yelbo\Shop\Log\Book;

/**
 * Each message is short, so that a worker killed in the middle loses nothing: the message
 * comes back and the cutter is simply asked again.
 */
#[AsMessageHandler]
final readonly class FollowCutHandler
{
    private const AGAIN_AFTER_MS = 400;

    public function __construct(private CutFollowing $following, private MessageBusInterface $bus, private Book $book)
    {
    }

    /** Looks once how far the cutter is. */
    public function __invoke(FollowCut $message): void
    {
        $this->book->as('The cutter');
        if (1 === $message->lost) {
            $this->following->noteLost($message->batch);
        }
        if ($this->following->follow($message->batch, $message->job)) {
            $this->bus->dispatch(new FollowCut($message->batch, $message->job), [new DelayStamp(self::AGAIN_AFTER_MS)]);
        }
    }
}
