<?php

declare(strict_types=1);

namespace Yelbo\Shop\Batches;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Orders\Piece;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Trade\Journey\BatchState;
use Yelbo\Trade\Journey\RemnantState;

/** The batches on record. */
final readonly class Batches
{
    public function __construct(private EntityManagerInterface $records)
    {
    }

    /** @throws NotFound */
    public function batch(int $id): Batch
    {
        return $this->records->find(Batch::class, $id) ?? throw new NotFound("There is no batch $id.");
    }

    /** Whether this job of the cutter is still the batch's, told without loading it. */
    public function isOnCutter(int $batch, string $job): bool
    {
        return (bool) $this->records
            ->getConnection()
            ->fetchOne('SELECT COUNT(*) FROM batch WHERE id = ? AND job = ? AND state = ?', [
                $batch,
                $job,
                BatchState::Cutting->value,
            ]);
    }

    /** How many are released or under the knife. */
    public function countOpen(): int
    {
        return $this->records
            ->getRepository(Batch::class)
            ->count(['state' => [BatchState::Released, BatchState::Cutting]]);
    }

    /** @return list<Batch> released or under the knife, that under the knife first, then the oldest */
    public function open(int $most): array
    {
        /** @var list<Batch> $batches */
        $batches = $this->records
            ->createQuery(
                'SELECT b, f, s FROM '.
                    Batch::class.
                    ' b JOIN b.film f JOIN b.stock s WHERE b.state IN (:open) ORDER BY b.state ASC, b.id ASC',
            )
            ->setParameter('open', [BatchState::Released, BatchState::Cutting])
            ->setMaxResults($most)
            ->getResult();

        return $batches;
    }

    /** @return list<Batch> given to the cutter and not settled */
    public function onCutter(): array
    {
        return $this->records->getRepository(Batch::class)->findBy(['state' => BatchState::Cutting]);
    }

    /**
     * The number of the batch on the cutter; until the transaction ends no other comes there.
     */
    public function lockOnCutter(): ?int
    {
        $found = $this->records
            ->getConnection()
            ->fetchOne('SELECT id FROM batch WHERE state = ? FOR UPDATE', [BatchState::Cutting->value]);

        return is_numeric($found) ? (int) $found : null;
    }

    /** @return list<Batch> those that are printed and not cut yet, printed first first */
    public function printed(): array
    {
        /** @var list<Batch> $batches */
        $batches = $this->records
            ->createQuery(
                'SELECT b FROM '.Batch::class.' b WHERE b.state = :released AND b.print.printedAt IS NOT NULL ORDER BY '
                    .'b.print.printedAt',
            )
            ->setParameter('released', BatchState::Released)
            ->getResult();

        return $batches;
    }

    /** How many remnants wait to be put away. */
    public function countRemnants(): int
    {
        return $this->records->getRepository(Batch::class)->count(['remnant' => RemnantState::Waiting]);
    }

    /** @return list<Batch> whose remnant waits to be put away, the newest first */
    public function withRemnant(int $most): array
    {
        /** @var list<Batch> $batches */
        $batches = $this->records
            ->createQuery(
                'SELECT b, f, s FROM '.
                    Batch::class.
                    ' b JOIN b.film f JOIN b.stock s WHERE b.remnant = :waiting ORDER BY b.id DESC',
            )
            ->setParameter('waiting', RemnantState::Waiting)
            ->setMaxResults($most)
            ->getResult();

        return $batches;
    }

    /**
     * Which pieces are still in the releases of some batches, told without reading them.
     *
     * @param list<Batch> $batches
     *
     * @return array<int, array<int, true>> the numbers of the pieces by the number of the release
     */
    public function piecesTogether(array $batches): array
    {
        $releases = array_values(
            array_unique(array_map(static fn (Batch $batch): int => $batch->release(), $batches)),
        );
        /** @var list<array{id: int, release_of: int}> $rows */
        $rows = $this->records
            ->getConnection()
            ->fetchAllAssociative(
                'SELECT p.id, COALESCE(b.release_id, b.id) AS release_of FROM batch b JOIN piece p ON p.batch_id = b.id
                WHERE b.release_id IN (?) OR b.id IN (?)',
                [$releases, $releases],
                [ArrayParameterType::INTEGER, ArrayParameterType::INTEGER],
            );
        $here = [];
        foreach ($rows as $row) {
            $here[$row['release_of']][$row['id']] = true;
        }

        return $here;
    }

    /**
     * The pieces of a release by their ids: those spoiled since have left it.
     *
     * @return array<int, Piece>
     */
    public function together(Batch $batch): array
    {
        /** @var list<int> $numbers */
        $numbers = $this->records
            ->createQuery('SELECT b.id FROM '.Batch::class.' b WHERE b.release = :release OR b.id = :release')
            ->setParameter('release', $batch->release())
            ->getSingleColumnResult();
        /** @var list<Piece> $pieces */
        $pieces = $this->records
            ->createQuery(
                'SELECT p, d, r, i FROM '.
                    Piece::class.
                    ' p JOIN p.docket d JOIN p.proof r JOIN r.item i WHERE p.batch IN (:numbers) ORDER BY p.id',
            )
            ->setParameter('numbers', $numbers)
            ->getResult();

        return array_combine(array_map(static fn (Piece $piece): int => $piece->id(), $pieces), $pieces);
    }

    /** @return list<Batch> the other sheets that hold parts of a piece */
    public function othersWith(Piece $piece, Batch $batch): array
    {
        return array_values(
            array_filter(
                $this->records->getRepository(Batch::class)->findBy(['release' => $batch->release()]),
                static fn (Batch $other): bool => $other !== $batch
                    && BatchState::Dissolved !== $other->state()
                    && \in_array($piece->id(), array_column($other->places(), 'piece'), true),
            ),
        );
    }
}
