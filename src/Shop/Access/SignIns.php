<?php

declare(strict_types=1);

namespace Yelbo\Shop\Access;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\People\Worker;
use Yelbo\Shop\Records\NotFound;

/** Who is signed in where, for how long at the most, and how it is ended from elsewhere. */
final readonly class SignIns
{
    /** However busy somebody is. */
    private const LONGEST = '-1 day';
    private const UNUSED = '-8 hours';
    /** It is noted no more often that it is used. */
    private const NOTED_EVERY = '-1 minute';

    public function __construct(private EntityManagerInterface $records, private ClockInterface $clock)
    {
    }

    /** Somebody signed in. */
    public function begin(Worker $worker, string $session, string $address, string $browser): SignedIn
    {
        $signedIn = new SignedIn(
            $worker,
            self::hash($session),
            $this->clock->now(),
            mb_substr($address, 0, 45),
            self::browser($browser),
        );
        $this->records->persist($signedIn);
        $this->records->flush();

        return $signedIn;
    }

    /** Whether a session may still be used by its worker; notes that it is. */
    public function isOpen(Worker $worker, string $session): bool
    {
        $now = $this->clock->now();
        $database = $this->records->getConnection();
        // Asked for with every request: no record is loaded for it.
        $seen = $worker->isDisabled()
            ? false
            : $database->fetchOne(
                'SELECT seen_at FROM signed_in WHERE session = ? AND worker_id = ? AND ended_at IS NULL AND at >= ? '
                    .'AND seen_at >= ?',
                [
                    self::hash($session),
                    $worker->id(),
                    $now->modify(self::LONGEST)->format('Y-m-d H:i:s'),
                    $now->modify(self::UNUSED)->format('Y-m-d H:i:s'),
                ],
            );
        if (!\is_string($seen)) {
            return false;
        }
        if ($seen < $now->modify(self::NOTED_EVERY)->format('Y-m-d H:i:s')) {
            $database->executeStatement('UPDATE signed_in SET seen_at = ? WHERE session = ?', [
                $now->format('Y-m-d H:i:s'),
                self::hash($session),
            ]);
        }

        return true;
    }

    /** Whether a session was ever signed in, ended or not. */
    public function isKnown(string $session): bool
    {
        return false !== $this->records
            ->getConnection()
            ->fetchOne('SELECT 1 FROM signed_in WHERE session = ?', [self::hash($session)]);
    }

    /** @return list<SignedIn> those that may still be used, the last used first */
    public function open(): array
    {
        $now = $this->clock->now();
        /** @var list<SignedIn> $found */
        $found = $this->records
            ->createQuery(
                'SELECT s, w FROM '.
                    SignedIn::class.
                    ' s JOIN s.worker w WHERE s.endedAt IS NULL AND s.at >= :begun AND s.seenAt >= :seen AND '
                        .'w.isDisabled = false ORDER BY s.seenAt DESC',
            )
            ->setParameter('begun', $now->modify(self::LONGEST))
            ->setParameter('seen', $now->modify(self::UNUSED))
            ->getResult();

        return $found;
    }

    /** @throws NotFound */
    public function signedIn(int $id): SignedIn
    {
        return $this->records->find(SignedIn::class, $id) ?? throw new NotFound('There is no such sign-in.');
    }

    /** Ends one: the next thing asked for with it is refused. */
    public function end(SignedIn $signedIn): void
    {
        $signedIn->end($this->clock->now());
        $this->records->flush();
    }

    /** Ends the one of a session. */
    public function endSession(string $session): void
    {
        $found = $this->records->getRepository(SignedIn::class)->findOneBy(['session' => self::hash($session)]);
        if (null !== $found) {
            $this->end($found);
        }
    }

    /** Ends all of somebody's, but for one where one is given. */
    public function endAll(Worker $worker, ?string $but = null): void
    {
        $open = ['worker' => $worker, 'endedAt' => null];
        foreach ($this->records->getRepository(SignedIn::class)->findBy($open) as $one) {
            if (null === $but || !$one->isOf(self::hash($but))) {
                $one->end($this->clock->now());
            }
        }
        $this->records->flush();
    }

    /** What people call a browser, from what it says of itself. */
    public static function browser(string $agent): string
    {
        $first = static function (array $names) use ($agent): string {
            foreach ($names as $sign => $name) {
                if (str_contains($agent, $sign)) {
                    return $name;
                }
            }

            return '';
        };
        // The later ones claim to be the earlier ones too.
        $browser = $first(
            ['Edg' => 'Edge', 'OPR' => 'Opera', 'Firefox' => 'Firefox', 'Chrom' => 'Chrome', 'Safari' => 'Safari'],
        );
        $machine = $first([
            'Android' => 'Android',
            'iPhone' => 'a telephone',
            'iPad' => 'a tablet',
            'Windows' => 'Windows',
            'Mac OS' => 'a Mac',
            'Linux' => 'Linux',
        ]);

        return match (true) {
            '' === $browser => mb_substr(trim(mb_scrub($agent)), 0, 40),
            '' === $machine => $browser,
            default => "$browser on $machine",
        };
    }

    /** What stands in the records in the place of a session's id. */
    public static function hash(string $session): string
    {
        return hash('sha256', $session);
    }
}
