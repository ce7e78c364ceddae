<?php

declare(strict_types=1);

namespace Yelbo\Shop\Price;

use Symfony\Component\Messenger\Attribute\AsMessageHandler;
use Symfony\Component\Messenger\MessageBusInterface;

/** Reckons a few of them, and asks for the rest to be gone on with: what else waits comes in between. */
#[AsMessageHandler]
final readonly class ReckonSalesHandler
{
    public function __construct(private Sold $sold, private MessageBusInterface $bus)
    {
    }

    /** Goes on as long as there are any. */
    public function __invoke(ReckonSales $message): void
    {
        if ($this->sold->reckonSome() > 0) {
            $this->bus->dispatch($message);
        }
    }
}
