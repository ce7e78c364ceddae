<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Query;
use Doctrine\ORM\QueryBuilder;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Trade\Journey\IllegalMove;
use Yelbo\Trade\Journey\Journey;
use Yelbo\Trade\Journey\PieceMove;
use Yelbo\Trade\Journey\PieceState;

/** The pieces on record. */
final readonly class Pieces
{
    /** More are never read at once. */
    private const MOST = 2000;

    public function __construct(private EntityManagerInterface $records)
    {
    }

    /** @throws NotFound */
    public function piece(int $id): Piece
    {
        return $this->records->find(Piece::class, $id) ?? throw new NotFound('There is no such piece.');
    }

    /**
     * Pieces with all that is shown of them, read at once.
     *
     * @param list<PieceState> $states
     * @param int              $most   so many; 2,000 at the most
     * @param int|null         $film   only those of one film
     * @param int|null         $with   the number of one that is given wherever it comes, if it stands there
     *
     * @return list<Piece> due soonest first
     */
    public function at(array $states, int $most, ?int $film = null, ?int $with = null): array
    {
        $query = $this->shown()
            ->where('p.state IN (:states)')
            ->setParameter('states', $states)
            ->orderBy('d.neededAt', 'ASC')
            ->addOrderBy('d.number', 'ASC')
            ->addOrderBy('p.nth', 'ASC')
            ->addOrderBy('p.layer', 'ASC')
            ->setMaxResults(max(1, min(self::MOST, $most)));
        if (null !== $film) {
            $query->andWhere('p.film = :film')->setParameter('film', $film);
        }

        /** @var list<Piece> $pieces */
        $pieces = $query->getQuery()->getResult();
        $one = null === $with ? null : $this->records->find(Piece::class, $with);

        return null !== $one && \in_array($one->state(), $states, true) && !\in_array($one, $pieces, true)
            ? [...$pieces, $one]
            : $pieces;
    }

    /**
     * Pieces whose tape came back to the shop lately: those it put on with a new one, the last first.
     *
     * @return list<Piece>
     */
    public function lifted(\DateTimeImmutable $since, int $most): array
    {
        /** @var list<Piece> $pieces */
        $pieces = $this->records
            ->createQueryBuilder()
            ->select('p', 't', 'd', 'f', 'r', 'i')
            ->from(Piece::class, 'p')
            ->join('p.thing', 't')
            ->join('p.docket', 'd')
            ->join('p.film', 'f')
            ->join('p.proof', 'r')
            ->join('r.item', 'i')
            ->where('t.onSince > :since AND p.tapeFrom IS NULL AND i.appliedHere = true')
            ->setParameter('since', $since)
            ->orderBy('t.onSince', 'DESC')
            ->setMaxResults($most)
            ->getQuery()
            ->getResult();

        return $pieces;
    }

    /**
     * How often the tape of each served again.
     *
     * @param list<int> $pieces by their numbers
     *
     * @return array<int, int> by their numbers; none of those it did not
     */
    public function servedAgain(array $pieces): array
    {
        /** @var array<int, int> $served */
        $served = $this->records->getConnection()->fetchAllKeyValue(
            'SELECT tape_from, COUNT(*) FROM piece WHERE tape_from IN (?) GROUP BY tape_from',
            [$pieces],
            [ArrayParameterType::INTEGER],
        );

        return $served;
    }

    /** How many stand there. */
    public function count(PieceState ...$states): int
    {
        return $this->records->getRepository(Piece::class)->count(['state' => $states]);
    }

    /**
     * Moves many at once, in the transaction that is open: one statement for those that stand alike, however many they
     * are.
     *
     * @param list<Piece> $pieces
     *
     * @throws IllegalMove where one of them may not make the move
     * @throws Conflict    where somebody moved one of them meanwhile
     */
    public function moveAll(array $pieces, PieceMove $move, \DateTimeImmutable $now): void
    {
        $standing = [];
        foreach ($pieces as $piece) {
            $standing[$piece->state()->value][] = $piece->id();
        }
        foreach ($standing as $from => $ids) {
            $moved = $this->records->getConnection()->executeStatement(
                'UPDATE piece SET state = ?, since = ?, version = version + 1 WHERE state = ? AND id IN (?)',
                [Journey::piece(PieceState::from($from), $move)->value, $now->format('Y-m-d H:i:s'), $from, $ids],
                [3 => ArrayParameterType::INTEGER],
            );
            if ($moved !== \count($ids)) {
                throw Conflict::atOnce(new \LogicException('Fewer pieces stood there than were read.'));
            }
            // What was read before is read again, in one go.
            $this->records
                ->createQuery('SELECT p FROM '.Piece::class.' p WHERE p.id IN (:ids)')
                ->setParameter('ids', $ids)
                ->setHint(Query::HINT_REFRESH, true)
                ->getResult();
        }
    }

    /**
     * Whether a docket has pieces that have not arrived, as the records are this moment, whatever was read before.
     *
     * @param int $docket its number
     */
    public function areUnderWay(int $docket): bool
    {
        return false !== $this->records
            ->getConnection()
            ->fetchOne(
                'SELECT 1 FROM piece p JOIN docket d ON d.id = p.docket_id
                WHERE d.number = ? AND p.state NOT IN (?, ?) LIMIT 1 LOCK IN SHARE MODE',
                [$docket, PieceState::Delivered->value, PieceState::Withdrawn->value],
            );
    }

    /** Pieces with all that is shown of them, read at once. */
    private function shown(): QueryBuilder
    {
        return $this->records
            ->createQueryBuilder()
            ->select('p', 't', 'd', 'c', 'f', 'r', 'i')
            ->from(Piece::class, 'p')
            ->join('p.thing', 't')
            ->join('p.docket', 'd')
            ->join('p.film', 'f')
            ->join('p.proof', 'r')
            ->join('r.item', 'i')
            ->leftJoin('d.customer', 'c');
    }
}
