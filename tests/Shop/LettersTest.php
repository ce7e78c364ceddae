<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Symfony\Component\Mailer\Envelope;
use Symfony\Component\Mailer\Exception\TransportException;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\TransportInterface;
use Symfony\Component\Messenger\Envelope as Wrapped;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Messenger\Stamp\DelayStamp;
use Symfony\Component\Messenger\Transport\InMemory\InMemoryTransport;
use Symfony\Component\Messenger\Transport\Receiver\ListableReceiverInterface;
use Symfony\Component\Messenger\Transport\TransportInterface as MessageTransport;
use Symfony\Component\Mime\RawMessage;
use Yelbo\Device\Post\Seal;
use Yelbo\Shop\Designs\Design;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\Post\Letter;
use Yelbo\Shop\Post\LetterState;
use Yelbo\Shop\Post\Outbox;
use Yelbo\Shop\Proofs\PostLetter;
use Yelbo\Shop\Proofs\PostLetterHandler;
use Yelbo\Shop\Proofs\ProofLink;
use Yelbo\Shop\Proofs\ProofLinks;
use Yelbo\Shop\Proofs\UnsentLetters;
use Yelbo\Shop\Upkeep\GivenUpMessages;
use Yelbo\Shop\Upkeep\Notices;

/** No letter is lost without anybody hearing of it. */
final class LettersTest extends ShopTestCase
{
    private const TO = 'osric@tamblyn.example';

    public function testALetterIsTriedForTwoDaysAndThenGivenUpWhereItIsSeen(): void
    {
        [$link, $docket] = $this->written();
        $began = $this->clock->now();
        for ($waited = $this->try($link, self::away()); null !== $waited; $waited = $this->try($link, self::away())) {
            self::assertSame(LetterState::Waiting, $link->letter()->state());
            self::assertSame('it does not answer', $link->letter()->says());
            self::assertEquals($this->clock->now()->modify("+$waited seconds"), $link->letter()->nextAt());
            $this->clock->modify("+$waited seconds");
        }
        self::assertSame(LetterState::GivenUp, $link->letter()->state());
        $hours = ($this->clock->now()->getTimestamp() - $began->getTimestamp()) / 3600;
        self::assertEqualsWithDelta(48, $hours, 1);
        self::assertSame([$link], $this->get(UnsentLetters::class)->all());
        self::assertStringContainsString('given up', $this->get(Book::class)->last($docket->number())?->says() ?? '');
    }

    public function testWhatThePostRefusesIsNotTriedAgain(): void
    {
        [$link, $docket] = $this->written();
        self::assertNull($this->try($link, self::answering(550, 'Expected response code "250" but got code "550", with '
            .'message "550 no such box".')));
        self::assertSame(
            [LetterState::Refused, '550 no such box'],
            [$link->letter()->state(), $link->letter()->says()],
        );
        self::assertSame([$link], $this->get(UnsentLetters::class)->all());
        self::assertStringContainsString('refused', $this->get(Book::class)->last($docket->number())?->says() ?? '');

        [$again] = $this->get(ProofLinks::class)->sendAgain($docket, $link->id());
        self::assertTrue($link->isWithdrawn());
        self::assertSame([self::TO, LetterState::Waiting], [$again->sentTo(), $again->letter()->state()]);
        self::assertSame([], $this->get(UnsentLetters::class)->all());
    }

    public function testALetterIsSentOnceHoweverOftenAWorkerIsTold(): void
    {
        [$link] = $this->written();
        $post = self::answering(0, '');
        self::assertSame(60, $this->try($link, self::answering(451, 'try later')));
        $this->try($link, $post);
        $this->try($link, $post);
        self::assertSame([LetterState::Sent, 2], [$link->letter()->state(), $link->letter()->tries()]);
        self::assertSame(1, $post->taken);
    }

    /** Where it waits and where it is kept nobody reads the link that opens the proof, but with the shop's secret. */
    public function testALetterIsSealedWhereItWaitsAndWhereItIsKept(): void
    {
        $docket = $this->taken();
        $this->draw($docket, new Design('bebas'));
        [$link, $token] = $this->get(ProofLinks::class)->give($docket, self::TO);
        $message = $this->message($link);
        self::assertStringNotContainsString($token, serialize($message));
        $this->get(PostLetterHandler::class)($message);
        self::assertSame(LetterState::Sent, $link->letter()->state());
        $database = $this->records->getConnection();
        self::assertStringNotContainsString(
            $token,
            (string) json_encode($database->fetchAllAssociative('SELECT * FROM letter')),
        );
        $letter = $this->get(Outbox::class)->newest()[0];
        self::assertStringContainsString($token, $this->get(Outbox::class)->text($letter));
        $before = new Letter($this->clock->now(), 'a@b.example', self::TO, 'Proof', "Dear Osric,\n\nhere it is.");
        self::assertSame($before->body(), $this->get(Outbox::class)->text($before), 'one from before they were sealed');
        self::assertStringContainsString(
            'another secret',
            (new Outbox($this->records, new Seal('another')))->text($letter),
        );
    }

    /** A letter that waited while Yelbo was updated goes out as it was written. */
    public function testALetterThatWaitedUnsealedIsBrought(): void
    {
        [$link] = $this->written();
        $head = $this->message($link)->letter;
        $old = (new \ReflectionClass(PostLetter::class))->newInstanceWithoutConstructor();
        $old->__unserialize(['link' => $link->id(), 'letter' => (clone $head)->text('As it was written.')]);
        $this->get(PostLetterHandler::class)($old);
        self::assertSame('As it was written.', $this->get(Outbox::class)->text($this->get(Outbox::class)->newest()[0]));
    }

    public function testALetterWhoseLinkWasWithdrawnIsNotSent(): void
    {
        [$link, $docket] = $this->written();
        $this->get(ProofLinks::class)->withdraw($docket, $link->id());
        $post = self::answering(0, '');
        $this->try($link, $post);
        self::assertSame(0, $post->taken);
    }

    public function testALetterNobodyBringsAnyMoreIsTold(): void
    {
        [$link] = $this->written();
        self::assertSame([], $this->get(UnsentLetters::class)->all());
        self::assertFalse($link->letter()->isForgotten($this->clock->now()));
        $this->clock->modify('+2 hours');
        self::assertTrue($link->letter()->isForgotten($this->clock->now()));
        self::assertSame([$link], $this->get(UnsentLetters::class)->all());
    }

    public function testWhatAWorkerGaveUpIsToldAndToldOnceMore(): void
    {
        [$link] = $this->written();
        $failed = self::failed(new Wrapped($this->message($link)));
        $before = \count($this->waiting());
        $givenUp = new GivenUpMessages($failed, $this->get(MessageBusInterface::class));
        [$stuck] = $givenUp->all();
        self::assertSame('Post letter was given up by a worker.', $stuck->what);
        $notices = new Notices($givenUp, sys_get_temp_dir());
        self::assertStringContainsString('One thing a worker was told of', implode(' ', $notices->all()));
        ($stuck->mend)();
        self::assertCount($before + 1, $this->waiting());
        self::assertSame([], $givenUp->all());
        self::assertStringNotContainsString('a worker', implode(' ', $notices->all()));
        self::assertStringContainsString('has 312 MB left', Notices::ofDisk(312_600_000));
    }

    /** @return array{ProofLink, Docket} a link whose letter waits for the post */
    private function written(): array
    {
        $docket = $this->taken();
        $this->draw($docket, new Design('bebas'));
        [$link] = $this->get(ProofLinks::class)->give($docket, self::TO);
        self::assertSame(LetterState::Waiting, $link->letter()->state());

        return [$link, $docket];
    }

    private function message(ProofLink $link): PostLetter
    {
        foreach ($this->waiting() as $envelope) {
            $message = $envelope->getMessage();
            if ($message instanceof PostLetter && $message->link === $link->id()) {
                return $message;
            }
        }
        self::fail('Nobody was told of the letter.');
    }

    /** @return array<Wrapped> what waits for whoever brings letters to the post */
    private function waiting(): array
    {
        $post = self::getContainer()->get('messenger.transport.post');
        \assert($post instanceof InMemoryTransport);

        return $post->getSent();
    }

    /** @return int|null seconds after which it is tried again; none where it is not */
    private function try(ProofLink $link, TransportInterface $post): ?int
    {
        $before = \count($this->waiting());
        (new PostLetterHandler(
            $this->records,
            $post,
            $this->get(Seal::class),
            $this->get(MessageBusInterface::class),
            $this->get(Book::class),
            $this->clock,
        ))($this->message($link));
        $new = \array_slice($this->waiting(), $before);

        return [] === $new ? null : intdiv($new[0]->last(DelayStamp::class)?->getDelay() ?? 0, 1000);
    }

    /** What was given up, as the records keep it. */
    private static function failed(Wrapped ...$all): MessageTransport
    {
        return new class($all) implements MessageTransport, ListableReceiverInterface {
            /** @param array<Wrapped> $all */
            public function __construct(private array $all)
            {
            }

            public function all(?int $limit = null): iterable
            {
                return $this->all;
            }

            public function find(mixed $id): ?Wrapped
            {
                return null;
            }

            public function get(): iterable
            {
                return [];
            }

            public function ack(Wrapped $envelope): void
            {
            }

            public function reject(Wrapped $envelope): void
            {
                $this->all = array_filter($this->all, static fn (Wrapped $one): bool => $one !== $envelope);
            }

            public function send(Wrapped $envelope): Wrapped
            {
                return $envelope;
            }
        };
    }

    private static function away(): TransportInterface
    {
        return self::answering(111, 'stream_socket_client(): unable to connect to 10.0.0.1');
    }

    /** @return TransportInterface&object{taken: int} one that says this, or takes letters where it says nothing */
    private static function answering(int $code, string $says): TransportInterface
    {
        return new class($code, $says) implements TransportInterface {
            public int $taken = 0;

            public function __construct(private readonly int $code, private readonly string $says)
            {
            }

            public function send(RawMessage $message, ?Envelope $envelope = null): ?SentMessage
            {
                if ('' !== $this->says) {
                    throw new TransportException($this->says, $this->code);
                }
                ++$this->taken;

                return null;
            }

            public function __toString(): string
            {
                return 'post://test';
            }
        };
    }
}
