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
    /** Of the newest lines so many are looked through before words are looked up. */
    private const NEAR = 20_000;
    /** Lines that are written at one time may be numbered in another order. */
    private const ABOUT = 1000;
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

    /**
     * A page of it. Words are found by an index of their own, so that it is quick however long the book is.
     *
     * @return list<LogEntry> the newest first, older than an entry where one is given
     */
    public function page(?int $before, int $most = 100, ?BookSearch $search = null): array
    {
        $search ??= BookSearch::none();
        [$where, $values, $before] = $this->where($search, $before);
        $isWhole = null !== $search->docket || $search->isNone();
        // What is there often fills a page out of the newest lines; only what is rare is worth looking up.
        $ids = $this->ids(
            $where,
            $values,
            $search->words,
            $most,
            $isWhole ? null : $before ?? $this->newest(),
        );
        if (\count($ids) < $most && !$isWhole) {
            if ([] !== $search->words) {
                $where[] = 'MATCH(says) AGAINST (? IN BOOLEAN MODE)';
                $values[] = implode(' ', array_map(static fn (string $word): string => "+$word*", $search->words));
            }
            $ids = array_unique([...$ids, ...$this->ids($where, $values, [], $most, null)]);
            rsort($ids);
            $ids = \array_slice($ids, 0, $most);
        }

        return [] === $ids
            ? []
            : $this->records->getRepository(LogEntry::class)->findBy(['id' => $ids], ['id' => 'DESC']);
    }

    /**
     * @param int|null $before lines from before this one only
     *
     * @return array{non-empty-list<string>, list<int|string>, int|null} clauses, their values, and a line all of them
     *     are
     *     before
     */
    private function where(BookSearch $search, ?int $before): array
    {
        $where = ['1 = 1'];
        $values = [];
        $add = static function (string $clause, int|string $value) use (&$where, &$values): void {
            $where[] = $clause;
            $values[] = $value;
        };
        null === $before || $add('id < ?', $before);
        null === $search->docket || $add('docket = ?', $search->docket);
        '' === $search->who || $add('who = ?', $search->who);
        '' === $search->what || $add('what = ?', $search->what);
        if (null !== $search->first) {
            $add('at >= ?', $search->first->format('Y-m-d'));
            $add('id >= ?', $this->from($search->first) - self::ABOUT);
        }
        if (null !== $search->last) {
            $end = $search->last->modify('+1 day');
            $add('at < ?', $end->format('Y-m-d'));
            $before = min($before ?? \PHP_INT_MAX, $this->from($end) + self::ABOUT);
            $add('id < ?', $before);
        }

        return [$where, $values, $before];
    }

    /** The number of the first line of a day; behind all where there is none. */
    private function from(\DateTimeImmutable $day): int
    {
        $first = $this->records
            ->getConnection()
            ->fetchOne('SELECT id FROM log_entry WHERE at >= ? ORDER BY at, id LIMIT 1', [$day->format('Y-m-d')]);

        return is_numeric($first) ? (int) $first : $this->newest() + 1;
    }

    private function newest(): int
    {
        $last = $this->records->getConnection()->fetchOne('SELECT MAX(id) FROM log_entry');

        return is_numeric($last) ? (int) $last : 0;
    }

    /**
     * @param list<string>     $where
     * @param list<int|string> $values
     * @param list<string>     $words  that begin a word of the line, each; looked for one line after the other
     * @param int|null         $before only the lines shortly before this one are looked through
     *
     * @return list<int> the newest first
     */
    private function ids(array $where, array $values, array $words, int $most, ?int $before): array
    {
        foreach ($words as $word) {
            $where[] = 'says REGEXP ?';
            $values[] = "(^|[^[:alnum:]])$word";
        }
        if (null !== $before) {
            $where[] = 'id >= ?';
            $values[] = $before - self::NEAR;
        }
        /** @var list<int|string> $ids */
        $ids = $this->records
            ->getConnection()
            ->fetchFirstColumn(
                'SELECT id FROM log_entry '.
                    (null === $before ? '' : 'FORCE INDEX (PRIMARY) ').
                    'WHERE '.
                    implode(' AND ', $where).
                    ' ORDER BY id DESC LIMIT '.
                    $most,
                $values,
            );

        return array_map(intval(...), $ids);
    }

    /** @return list<string> who ever wrote in it */
    public function writers(): array
    {
        return $this->distinct('who');
    }

    /** @return list<string> what kinds of things happened */
    public function kinds(): array
    {
        return $this->distinct('what');
    }

    /** @return list<string> */
    private function distinct(string $column): array
    {
        /** @var list<string> $all */
        $all = $this->records
            ->getConnection()
            ->fetchFirstColumn("SELECT $column FROM log_entry GROUP BY $column ORDER BY $column LIMIT 200");

        return $all;
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
