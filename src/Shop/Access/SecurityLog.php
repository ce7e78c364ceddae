<?php

declare(strict_types=1);

namespace Yelbo\Shop\Access;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\RequestStack;

/** The log of what concerns who may do what: apart from the book, kept for a year, for the owner to read. */
final readonly class SecurityLog
{
    public const SIGNED_IN = 'signed-in';
    public const REFUSED = 'sign-in-refused';
    private const KEPT = '-1 year';
    private const PAGE = 100;

    public function __construct(
        private EntityManagerInterface $records,
        private Connection $database,
        private ClockInterface $clock,
        private RequestStack $requests,
    ) {
    }

    /** Leaves a line, at once: what was tried stays known, whatever becomes of the request. */
    public function note(string $what, string $who, string $says): void
    {
        $this->database->insert('security_event', [
            'at' => $this->clock->now()->format('Y-m-d H:i:s'),
            'what' => $what,
            'who' => mb_substr($who, 0, 80),
            'address' => $this->address(),
            'says' => mb_substr($says, 0, 300),
        ]);
    }

    /**
     * @return array{list<SecurityEvent>, bool} the newest first, older than one where one is given; and whether there
     *     are older ones still
     */
    public function page(?int $before, int $most = self::PAGE): array
    {
        $query = $this->records
            ->createQueryBuilder()
            ->select('e')
            ->from(SecurityEvent::class, 'e')
            ->orderBy('e.id', 'DESC')
            ->setMaxResults($most + 1);
        if (null !== $before) {
            $query->where('e.id < :before')->setParameter('before', $before);
        }

        /** @var list<SecurityEvent> $events */
        $events = $query->getQuery()->getResult();

        return [\array_slice($events, 0, $most), \count($events) > $most];
    }

    /**
     * How often something happened since a moment, and when it did last.
     *
     * @param string $by `who` or `address`
     *
     * @return array{int, \DateTimeImmutable|null}
     */
    public function count(string $what, string $by, string $value, \DateTimeImmutable $since): array
    {
        $column = 'who' === $by ? 'who' : 'address';
        $row = $this->database->fetchNumeric(
            "SELECT COUNT(*), MAX(at) FROM security_event WHERE what = ? AND $column = ? AND at > ?",
            [$what, $value, $since->format('Y-m-d H:i:s')],
        );
        $last = \is_string($row[1] ?? null) ? new \DateTimeImmutable($row[1]) : null;

        return [is_numeric($row[0] ?? null) ? (int) $row[0] : 0, $last];
    }

    /** Whether somebody has signed in from here before. */
    public function knows(string $who, string $address, \DateTimeImmutable $since): bool
    {
        return false !== $this->database->fetchOne(
            'SELECT 1 FROM security_event WHERE what = ? AND who = ? AND address = ? AND at > ? LIMIT 1',
            [self::SIGNED_IN, $who, $address, $since->format('Y-m-d H:i:s')],
        );
    }

    /** Forgets what is older than a year. */
    public function rotate(): void
    {
        $this->database->executeStatement('DELETE FROM security_event WHERE at < ?', [
            $this->clock->now()->modify(self::KEPT)->format('Y-m-d H:i:s'),
        ]);
    }

    /** Where the request comes from; empty where there is none. */
    public function address(): string
    {
        return mb_substr($this->requests->getMainRequest()?->getClientIp() ?? '', 0, 45);
    }
}
