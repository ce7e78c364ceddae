<?php

declare(strict_types=1);

namespace Yelbo\Shop\Proofs;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Post\LetterRun;
use Yelbo\Shop\Post\LetterState;
use Yelbo\Trade\Journey\DocketState;

/** Letters somebody believes to be with the customer, and that are not. */
final readonly class UnsentLetters
{
    /** Tries a post may need that is only busy for a moment. */
    private const TRIES = 2;
    private const MOST = 30;

    public function __construct(private EntityManagerInterface $records, private ClockInterface $clock)
    {
    }

    /**
     * @return list<ProofLink> of orders that wait for a yes: refused, given up, tried in vain so far, or
     *     forgotten; the newest first
     */
    public function all(): array
    {
        return $this->records
            ->createQueryBuilder()
            ->select('l')
            ->from(ProofLink::class, 'l')
            ->join('l.proof', 'p')
            ->join('p.docket', 'd')
            ->where('d.state = :proofing AND l.withdrawnAt IS NULL')
            ->andWhere('l.letter.state IN (:over) OR (l.letter.state = :waiting AND '
                .'(l.letter.tries >= :tries OR l.letter.nextAt < :late))')
            ->setParameter('proofing', DocketState::Proofing->value)
            ->setParameter('over', [LetterState::Refused->value, LetterState::GivenUp->value])
            ->setParameter('waiting', LetterState::Waiting->value)
            ->setParameter('tries', self::TRIES)
            ->setParameter('late', LetterRun::forgottenBefore($this->clock->now()))
            ->orderBy('l.id', 'DESC')
            ->setMaxResults(self::MOST)
            ->getQuery()
            ->getResult();
    }
}
