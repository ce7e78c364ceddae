<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Trade\Journey\PieceState;

/** The pieces on record. */
final readonly class Pieces
{
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
     * @return list<Piece> due soonest first
     */
    public function at(PieceState ...$states): array
    {
        /** @var list<Piece> $pieces */
        $pieces = $this->records
            ->createQuery(
                'SELECT p, d, c, f, r FROM '.
                    Piece::class.
                    ' p JOIN p.docket d JOIN p.film f JOIN p.proof r LEFT JOIN d.customer c WHERE p.state IN (:states) ORDER BY d.neededAt ASC, d.number ASC, p.nth ASC',
            )
            ->setParameter('states', $states)
            ->getResult();

        return $pieces;
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
}
