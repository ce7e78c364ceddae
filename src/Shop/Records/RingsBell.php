<?php

declare(strict_types=1);

namespace Yelbo\Shop\Records;

use Symfony\Component\Console\ConsoleEvents;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\KernelEvents;
use Symfony\Component\Messenger\Event\SendMessageToTransportsEvent;
use Symfony\Component\Messenger\Event\WorkerMessageFailedEvent;
use Symfony\Component\Messenger\Event\WorkerMessageHandledEvent;

/** Rings once what was sent is written: a message belongs to the transaction of what sent it. */
final class RingsBell
{
    private bool $sent = false;

    public function __construct(private readonly Bell $bell)
    {
    }

    /** Something is on its way to a worker. */
    #[AsEventListener(SendMessageToTransportsEvent::class)]
    public function sent(): void
    {
        $this->sent = true;
    }

    /** Its transaction is over: rings once for all that was sent. */
    #[AsEventListener(KernelEvents::TERMINATE)]
    #[AsEventListener(ConsoleEvents::TERMINATE)]
    #[AsEventListener(WorkerMessageHandledEvent::class)]
    #[AsEventListener(WorkerMessageFailedEvent::class)]
    public function ended(): void
    {
        if ($this->sent) {
            $this->sent = false;
            $this->bell->ring();
        }
    }
}
