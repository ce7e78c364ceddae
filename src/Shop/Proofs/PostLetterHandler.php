<?php

declare(strict_types=1);

namespace Yelbo\Shop\Proofs;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;
use Symfony\Component\Mailer\Transport\TransportInterface;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;
use Symfony\Component\Messenger\Exception\UnrecoverableMessageHandlingException;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Messenger\Stamp\DelayStamp;
use Symfony\Component\Mime\Email;
use Yelbo\Device\Post\Seal;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Post\LetterState;

/**
 * Brings a letter to the post, for two days where the post does not answer. What becomes of it stands at its link and
 * in the book; a letter whose link was withdrawn meanwhile is not sent.
 */
#[AsMessageHandler]
final readonly class PostLetterHandler
{
    public function __construct(
        private EntityManagerInterface $records,
        private TransportInterface $post,
        private Seal $seal,
        private MessageBusInterface $bus,
        private Book $book,
        private ClockInterface $clock,
    ) {
    }

    /** Tries once. */
    public function __invoke(PostLetter $message): void
    {
        $link = $this->records->find(ProofLink::class, $message->link);
        // Told twice, it is sent once. Only a worker that is killed between the post's answer and the record of it
        // leaves a
        // letter that goes out a second time: better twice than never.
        if (
            null === $link
            || LetterState::Waiting !== $link->letter()->state()
            || !$link->isOpen($this->clock->now())
        ) {
            return;
        }
        try {
            $this->post->send($this->opened($message));
            $fault = null;
        } catch (TransportExceptionInterface $fault) {
        }
        $this->records->wrapInTransaction(function () use ($message, $link, $fault): void {
            $this->keep($message, $link, $fault);
        });
    }

    private function opened(PostLetter $message): Email
    {
        if ('' === $message->sealed) {
            return $message->letter;
        }
        $text = $this->seal->open($message->sealed) ??
            throw new UnrecoverableMessageHandlingException(
                'The letter was sealed with another secret than this shop’s.',
            );

        return (clone $message->letter)->text($text);
    }

    private function keep(PostLetter $message, ProofLink $link, ?TransportExceptionInterface $fault): void
    {
        [$letter, $now] = [$link->letter(), $this->clock->now()];
        if (null === $fault) {
            $letter->taken($now);
            $this->note($link, "went to {$link->sentTo()}");

            return;
        }
        $says = self::said($fault);
        // What the post answers from 500 on it answers tomorrow too; no answer at all is no answer.
        if ($fault->getCode() >= 500 && $fault->getCode() < 600) {
            $letter->refused($now, $says);
            $this->note($link, "was refused by the post of {$link->sentTo()}: $says");

            return;
        }
        $again = $letter->putOff($now, $says);
        if (null === $again) {
            $this->note($link, "to {$link->sentTo()} was given up: the post did not answer for two days");
        } else {
            $this->bus->dispatch($message, [new DelayStamp(1000 * $again)]);
        }
    }

    private function note(ProofLink $link, string $says): void
    {
        $this->book->as('The post');
        $this->book->note(
            'letter',
            "Letter with proof {$link->proof()->nth()} $says",
            $link->proof()->docket()->number(),
        );
    }

    /** One line of what the post said; where nobody was reached what the machine says of it helps nobody. */
    private static function said(\Throwable $fault): string
    {
        if ($fault->getCode() < 400) {
            return 'it does not answer';
        }
        $line = trim(strtok($fault->getMessage(), "\n") ?: '');

        return 1 === preg_match('~with message "([^"]+)"~', $line, $found) ? $found[1] : $line;
    }
}
