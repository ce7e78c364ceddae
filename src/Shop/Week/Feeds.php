<?php

declare(strict_types=1);

namespace Yelbo\Shop\Week;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\People\Worker;
use Yelbo\Shop\Records\NotFound;

/** Each person's part of the week for their own calendar (iCalendar), by a link that can be withdrawn. */
final readonly class Feeds
{
    public function __construct(
        private EntityManagerInterface $records,
        private Book $book,
        private ClockInterface $clock,
    ) {
    }

    /** A new link for somebody; the one there was leads nowhere any more. @return string its token, told this once */
    public function open(Worker $who): string
    {
        $token = rtrim(strtr(base64_encode(random_bytes(32)), '+/', '-_'), '=');
        $this->records->wrapInTransaction(function () use ($who, $token): void {
            $this->remove($who);
            $this->records->persist(new FeedLink($who, FeedLink::hash($token), $this->clock->now()));
            $this->book->note('feed', "A calendar link for {$who->name()} was made");
        });

        return $token;
    }

    /** Since when somebody has a link; none where they have none. */
    public function since(Worker $who): ?\DateTimeImmutable
    {
        return $this->of($who)?->madeAt();
    }

    /** The link leads nowhere any more. */
    public function withdraw(Worker $who): void
    {
        $this->records->wrapInTransaction(function () use ($who): void {
            $this->remove($who);
            $this->book->note('feed', "The calendar link of {$who->name()} was withdrawn");
        });
    }

    /** Whose part of the week a link shows. @throws NotFound */
    public function whose(string $token): Worker
    {
        $link = $this->records->getRepository(FeedLink::class)->findOneBy(['tokenHash' => FeedLink::hash($token)]);

        return null === $link || $link->who()->isDisabled()
            ? throw new NotFound('This link leads nowhere.')
            : $link->who();
    }

    private function of(Worker $who): ?FeedLink
    {
        return $this->records->getRepository(FeedLink::class)->findOneBy(['who' => $who]);
    }

    private function remove(Worker $who): void
    {
        $link = $this->of($who);
        if (null !== $link) {
            $this->records->remove($link);
            $this->records->flush();
        }
    }
}
