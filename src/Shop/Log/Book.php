<?php

declare(strict_types=1);

namespace Yelbo\Shop\Log;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\People\Worker;

/** Writes and reads the shop's append-only log. */
final class Book
{
    private const LONGEST_NAME = 80;
    /** So many go into one statement. */
    private const LINES = 500;

    private ?string $instead = null;

    public function __construct(
        private readonly EntityManagerInterface $records,
        private readonly ClockInterface $clock,
        private readonly Security $security,
    ) {
    }

    /**
     * Leaves a line with the change it belongs to: it is stored in the same transaction.
     *
     * @param int|null $docket its number
     * @param int|null $piece  which of the docket's decals
     */
    public function note(string $what, string $says, ?int $docket = null, ?int $piece = null): void
    {
        $this->records->persist(
            new LogEntry($this->clock->now(), $this->who(), $docket, $piece, $what, mb_substr($says, 0, 500)),
        );
    }

    /**
     * Leaves a line for each of many decals at once, in the transaction that is open.
     *
     * @param list<array{int, int, string}> $lines for each the docket's number, which of its decals, and what is said
     */
    public function noteEach(string $what, array $lines): void
    {
        [$at, $who] = [$this->clock->now()->format('Y-m-d H:i:s'), $this->who()];
        foreach (array_chunk($lines, self::LINES) as $some) {
            $values = [];
            foreach ($some as [$docket, $piece, $says]) {
                array_push($values, $at, $who, $docket, $piece, $what, mb_substr($says, 0, 500));
            }
            $this->records
                ->getConnection()
                ->executeStatement(
                    'INSERT INTO log_entry (at, who, docket, piece, what, says) VALUES '.
                        implode(', ', array_fill(0, \count($some), '(?, ?, ?, ?, ?, ?)')),
                    $values,
                );
        }
    }

    /** Leaves a line that belongs to no change, and stores it at once. */
    public function noteNow(string $what, string $says): void
    {
        $this->note($what, $says);
        $this->records->flush();
    }

    /** Leaves a line once for what somebody does again and again without anything else in between. */
    public function noteOnce(string $what, string $says, int $docket): void
    {
        $last = $this->last($docket);
        if ($what !== $last?->what() || $this->who() !== $last->who()) {
            $this->note($what, $says, $docket);
        }
    }

    /** For work nobody signed in does: the cutter's worker, the demo data. */
    public function as(string $who): void
    {
        $this->instead = mb_substr($who, 0, self::LONGEST_NAME);
    }

    /**
     * What happened to one docket.
     *
     * @return list<LogEntry> the newest first
     */
    public function ofDocket(int $docket, int $most = 200): array
    {
        return $this->records->getRepository(LogEntry::class)->findBy(['docket' => $docket], ['id' => 'DESC'], $most);
    }

    /** The last thing that happened to a docket, or to one of its decals. */
    public function last(int $docket, ?int $piece = null): ?LogEntry
    {
        return $this->records
            ->getRepository(LogEntry::class)
            ->findOneBy(['docket' => $docket] + (null === $piece ? [] : ['piece' => $piece]), ['id' => 'DESC']);
    }

    /** @return list<LogEntry> the newest first, older than an entry where one is given */
    public function page(?int $before, int $most = 100): array
    {
        $query = $this->records
            ->createQueryBuilder()
            ->select('e')
            ->from(LogEntry::class, 'e')
            ->orderBy('e.id', 'DESC')
            ->setMaxResults($most);
        if (null !== $before) {
            $query->where('e.id < :before')->setParameter('before', $before);
        }

        /** @var list<LogEntry> $entries */
        $entries = $query->getQuery()->getResult();

        return $entries;
    }

    /** Who is writing. */
    public function who(): string
    {
        if (null !== $this->instead) {
            return $this->instead;
        }
        $worker = $this->security->getUser();

        return $worker instanceof Worker ? $worker->name() : 'Yelbo';
    }
}
