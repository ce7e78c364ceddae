<?php

declare(strict_types=1);

namespace Yelbo\Shop\Upkeep;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Messenger\Envelope;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Messenger\Stamp\ErrorDetailsStamp;
use Symfony\Component\Messenger\Transport\Receiver\ListableReceiverInterface;
use Symfony\Component\Messenger\Transport\TransportInterface;

/** What workers were told and gave up after their tries: it is kept, and can be told them once more. */
final readonly class GivenUpMessages
{
    private const MOST = 50;

    public function __construct(
        #[Autowire(service: 'messenger.transport.failed')] private TransportInterface $failed,
        private MessageBusInterface $bus,
    ) {
    }

    /** @return list<Stuck> */
    public function all(): array
    {
        $stuck = [];
        $all = $this->failed instanceof ListableReceiverInterface ? $this->failed->all(self::MOST) : [];
        foreach ($all as $envelope) {
            $stuck[] = new Stuck(
                self::named($envelope).' was given up by a worker'.self::because($envelope).'.',
                'It is tried again.',
                function () use ($envelope): void {
                    $this->bus->dispatch($envelope->getMessage());
                    $this->failed->reject($envelope);
                },
            );
        }

        return $stuck;
    }

    /** `LayPlan` of 12 as “lay plan”. */
    private static function named(Envelope $envelope): string
    {
        $name = (new \ReflectionClass($envelope->getMessage()))->getShortName();

        return ucfirst(strtolower(preg_replace('~(?<!^)[A-Z]~', ' $0', $name) ?? $name));
    }

    private static function because(Envelope $envelope): string
    {
        $says = $envelope->last(ErrorDetailsStamp::class)?->getExceptionMessage() ?? '';

        return '' === $says ? '' : ': '.mb_substr(rtrim(strtok($says, "\n") ?: '', '. '), 0, 160);
    }
}
