<?php

declare(strict_types=1);

namespace Yelbo\Shop\Records;

use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Console\ConsoleEvents;
use Symfony\Component\Console\Event\ConsoleSignalEvent;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Messenger\Event\SendMessageToTransportsEvent;
use Symfony\Component\Messenger\Event\WorkerRunningEvent;
use Symfony\Component\Messenger\Stamp\DelayStamp;

/** A worker with nothing to do waits for the bell, a second at the most, or until what it sent itself is due. */
final class WaitsForBell
{
    /** How long a message of another machine lies before it is found, ms. */
    private const LOOKS_EVERY_MS = 1000;

    private bool $stopped = false;
    /** When what this worker sent for later is due, a whole second since 1970 as the table keeps it. */
    private ?int $due = null;

    public function __construct(private readonly Bell $bell, private readonly ClockInterface $clock)
    {
    }

    /** What is sent for later rings no bell when it is due. */
    #[AsEventListener(SendMessageToTransportsEvent::class)]
    public function sent(SendMessageToTransportsEvent $event): void
    {
        $delay = $event->getEnvelope()->last(DelayStamp::class)?->getDelay();
        if (null !== $delay) {
            $due = (int) ceil($this->now() + $delay / 1000);
            $this->due = min($this->due ?? $due, $due);
        }
    }

    /** Who is told to stop waits no longer; the alarm that keeps a message alive tells nobody to. */
    #[AsEventListener(ConsoleEvents::SIGNAL)]
    public function stopped(ConsoleSignalEvent $event): void
    {
        $this->stopped = $this->stopped || \SIGALRM !== $event->getHandlingSignal();
    }

    /** Waits where there was nothing to do. */
    #[AsEventListener(WorkerRunningEvent::class)]
    public function __invoke(WorkerRunningEvent $event): void
    {
        if (!$event->isWorkerIdle()) {
            return;
        }
        $this->bell->wait(self::LOOKS_EVERY_MS, fn (): bool => $this->stopped || $this->isDue());
    }

    private function isDue(): bool
    {
        if (null === $this->due || $this->now() < $this->due) {
            return false;
        }
        $this->due = null;

        return true;
    }

    /** Seconds since 1970. */
    private function now(): float
    {
        return (float) $this->clock->now()->format('U.u');
    }
}
