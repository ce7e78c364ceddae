<?php

declare(strict_types=1);

namespace Yelbo\Shop\Log;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Orders\Docket;
use Yelbo\Shop\People\Worker;
use Yelbo\Shop\Pieces\Piece;

/** Writes and reads the shop's append-only log. */
final class Book
{
    private ?string $instead = null;

    public function __construct(
        private readonly EntityManagerInterface $records,
        private readonly ClockInterface $clock,
        private readonly Security $security,
    ) {
    }

    /** Leaves a line with the change it belongs to: it is stored in the same transaction. */
    public function note(string $what, string $says, ?Docket $docket = null, ?Piece $piece = null): void
    {
        $this->records->persist(new LogEntry($this->clock->now(), $this->who(), $docket?->number() ?? $piece?->docket()->number(), $piece?->nth(), $what, mb_substr($says, 0, 500)));
    }

    /** The same, but once for what somebody does again and again without anything else in between. */
    public function noteOnce(string $what, string $says, Docket $docket): void
    {
        $last = $this->of($docket, 1)[0] ?? null;
        if ($what !== $last?->what() || $this->who() !== $last->who()) {
            $this->note($what, $says, $docket);
        }
    }

    /** For work nobody signed in does: the cutter's worker, the demo data. */
    public function as(string $who): void
    {
        $this->instead = $who;
    }

    /** @return list<LogEntry> the newest first */
    public function of(Docket $docket, int $most = 200): array
    {
        return $this->records->getRepository(LogEntry::class)->findBy(['docket' => $docket->number()], ['id' => 'DESC'], $most);
    }

    /** @return list<LogEntry> the newest first, older than an entry where one is given */
    public function page(?int $before, int $most = 100): array
    {
        $query = $this->records->createQueryBuilder()->select('e')->from(LogEntry::class, 'e')->orderBy('e.id', 'DESC')->setMaxResults($most);
        if (null !== $before) {
            $query->where('e.id < :before')->setParameter('before', $before);
        }

        /** @var list<LogEntry> $entries */
        $entries = $query->getQuery()->getResult();

        return $entries;
    }

    public function who(): string
    {
        if (null !== $this->instead) {
            return $this->instead;
        }
        $worker = $this->security->getUser();

        return $worker instanceof Worker ? $worker->name() : 'Yelbo';
    }
}
