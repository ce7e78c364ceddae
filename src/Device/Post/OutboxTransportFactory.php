<?php

declare(strict_types=1);

namespace Yelbo\Device\Post;

use Doctrine\DBAL\Connection;
use Symfony\Component\Mailer\Transport\Dsn;
use Symfony\Component\Mailer\Transport\TransportFactoryInterface;
use Symfony\Component\Mailer\Transport\TransportInterface;

/** `MAILER_DSN=outbox://shop` is the simulated post; any other address is a real one. */
final readonly class OutboxTransportFactory implements TransportFactoryInterface
{
    /** @param string $away where something lies while the post is away */
    public function __construct(
        private Connection $database,
        private Seal $seal,
        private string $away,
    ) {
    }

    public function create(Dsn $dsn): TransportInterface
    {
        return new OutboxTransport($this->database, $this->seal, $this->away);
    }

    public function supports(Dsn $dsn): bool
    {
        return 'outbox' === $dsn->getScheme();
    }
}
