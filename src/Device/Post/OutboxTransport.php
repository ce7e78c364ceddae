<?php

declare(strict_types=1);

namespace Yelbo\Device\Post;

use Doctrine\DBAL\Connection;
use Symfony\Component\Mailer\Exception\TransportException;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;
use Symfony\Component\Mime\Message;
use Symfony\Component\Mime\MessageConverter;

/** Post without a network: it takes letters and keeps them where the shop can read what would have been sent. */
final class OutboxTransport extends AbstractTransport
{
    /** @param string $away where something lies while the post is away */
    public function __construct(
        private readonly Connection $database,
        private readonly Seal $seal,
        private readonly string $away,
    ) {
        parent::__construct();
    }

    protected function doSend(SentMessage $message): void
    {
        // A worker lives long, and what it saw lying there once it would see there for ever.
        clearstatcache(true, $this->away);
        if (is_file($this->away)) {
            throw new TransportException('The post is away.');
        }
        $original = $message->getOriginalMessage();
        $email =
            $original instanceof Email
                ? $original
                : ($original instanceof Message
                    ? MessageConverter::toEmail($original)
                    : null);
        $this->database->insert('letter', [
            'taken_at' => (new \DateTimeImmutable())->format('Y-m-d H:i:s'),
            'sender' => $message->getEnvelope()->getSender()->getAddress(),
            'receiver' => implode(
                ', ',
                array_map(
                    static fn (Address $address): string => $address->getAddress(),
                    $message->getEnvelope()->getRecipients(),
                ),
            ),
            'subject' => mb_substr((string) $email?->getSubject(), 0, 300),
            'body' => $this->seal->close((string) ($email?->getTextBody() ?? $message->toString())),
        ]);
    }

    public function __toString(): string
    {
        return 'outbox://';
    }
}
