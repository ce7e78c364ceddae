<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Trade\Journey\PieceState;
use Yelbo\Trade\Plan\Finish;

/** The things in hand, on record. */
final readonly class Things
{
    /** More are never read at once. */
    private const MOST = 2000;

    public function __construct(private EntityManagerInterface $records)
    {
    }

    /** @throws NotFound */
    public function thing(int $id): Thing
    {
        $thing = $this->records->find(Thing::class, $id);

        return null === $thing || [] === $thing->pieces()
            ? throw new NotFound('There is no such thing in hand.')
            : $thing;
    }

    /**
     * Things something of which stands at one of these, with all that is shown of them.
     *
     * @param list<PieceState> $states
     * @param int              $most   so many; 2,000 at the most
     * @param int|null         $with   the number of one that is given wherever it comes, if it stands there
     *
     * @return list<Thing> due soonest first
     */
    public function at(array $states, int $most, ?int $with = null): array
    {
        /** @var list<int> $ids */
        $ids = $this->records
            ->createQueryBuilder()
            ->select('t.id')
            ->from(Thing::class, 't')
            ->join('t.docket', 'd')
            ->where('EXISTS (SELECT q.id FROM '.Piece::class.' q WHERE q.thing = t AND q.state IN (:states))')
            ->setParameter('states', $states)
            ->orderBy('d.neededAt', 'ASC')
            ->addOrderBy('d.number', 'ASC')
            ->addOrderBy('t.nth', 'ASC')
            ->setMaxResults(max(1, min(self::MOST, $most)))
            ->getQuery()
            ->getSingleColumnResult();

        if (null !== $with && !\in_array($with, $ids, true)) {
            $stands = array_filter(
                $this->records->find(Thing::class, $with)?->states() ?? [],
                static fn (PieceState $state): bool => \in_array($state, $states, true),
            );
            $ids = [...$ids, ...[] === $stands ? [] : [$with]];
        }

        return $this->shown($ids);
    }

    /** How many something of which stands at one of these. */
    public function count(PieceState ...$states): int
    {
        return (int) $this->records
            ->createQuery(
                'SELECT COUNT(DISTINCT t.id) FROM '.Piece::class.' p JOIN p.thing t WHERE p.state IN (:states)',
            )
            ->setParameter('states', $states)
            ->getSingleScalarResult();
    }

    /**
     * What dries, rests or is coated next: things all of whose films are on, resting or with a finish.
     *
     * @return list<Thing> due soonest first
     */
    public function drying(): array
    {
        /** @var list<int> $ids */
        $ids = $this->records
            ->createQueryBuilder()
            ->select('t.id')
            ->distinct()
            ->from(Piece::class, 'p')
            ->join('p.thing', 't')
            ->join('t.item', 'i')
            ->where('p.state = :resting OR (p.state = :applying AND t.onSince IS NOT NULL AND i.finish <> :none)')
            ->setParameter('resting', PieceState::Curing)
            ->setParameter('applying', PieceState::Applying)
            ->setParameter('none', Finish::None)
            ->setMaxResults(self::MOST)
            ->getQuery()
            ->getSingleColumnResult();

        return $this->shown($ids);
    }

    /**
     * @param list<int> $ids
     *
     * @return list<Thing>
     */
    private function shown(array $ids): array
    {
        if ([] === $ids) {
            return [];
        }
        /** @var list<Thing> $things */
        $things = $this->records
            ->createQueryBuilder()
            ->select('t', 'p', 'd', 'c', 'f', 'r', 'i')
            ->from(Thing::class, 't')
            ->join('t.pieces', 'p')
            ->join('t.docket', 'd')
            ->join('t.item', 'i')
            ->join('p.film', 'f')
            ->join('p.proof', 'r')
            ->leftJoin('d.customer', 'c')
            ->where('t.id IN (:ids)')
            ->setParameter('ids', $ids)
            ->orderBy('d.neededAt', 'ASC')
            ->addOrderBy('d.number', 'ASC')
            ->addOrderBy('t.nth', 'ASC')
            ->addOrderBy('p.nth', 'ASC')
            ->addOrderBy('p.layer', 'ASC')
            ->getQuery()
            ->getResult();

        return $things;
    }
}
