<?php

declare(strict_types=1);

namespace Yelbo\Shop\Proofs;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Orders\Docket;

/** What a customer wants changed of the newest proof, and nobody answered with another one yet. */
final readonly class OpenWishes
{
    public function __construct(private EntityManagerInterface $records)
    {
    }

    /** @return list<ChangeRequest> the oldest first */
    public function of(Docket $docket): array
    {
        $proof = $docket->proofs()->newest()[0] ?? null;

        return null === $proof
            ? []
            : $this->records
                ->createQueryBuilder()
                ->select('w')
                ->from(ChangeRequest::class, 'w')
                ->join('w.proof', 'p')
                ->where('p.docket = :docket AND p.nth = :nth')
                ->setParameter('docket', $docket)
                ->setParameter('nth', $proof->nth())
                ->orderBy('w.id')
                ->getQuery()
                ->getResult();
    }

    /**
     * A yes does not pass over a wish: it is asked whether it is meant as it is.
     *
     * @throws Refusals at `asItIs`
     */
    public function ask(Docket $docket): void
    {
        $said = self::said($this->of($docket));
        if ('' !== $said) {
            throw Refusals::at(
                'asItIs',
                "It was asked for $said, and this proof is without that. As it is, all the same?",
            );
        }
    }

    /** @param list<ChangeRequest> $wishes */
    public static function said(array $wishes): string
    {
        return implode(', ', array_map(static fn (ChangeRequest $wish): string => "“{$wish->note()}”", $wishes));
    }
}
