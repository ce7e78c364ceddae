<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Input\Refusals;

/** Who orders, on record. Two people of one name are two people: which of them it is is asked, never guessed. */
final readonly class Customers
{
    /** What is answered for another of a name that is there already. */
    public const ANOTHER = 'new';

    public function __construct(private EntityManagerInterface $records)
    {
    }

    /**
     * Those whose name holds what was typed.
     *
     * @return list<Customer> by their names
     */
    public function found(string $typed, int $most = 8): array
    {
        /** @var list<Customer> $customers */
        $customers = $this->records
            ->createQuery(
                'SELECT c FROM '.Customer::class.' c WHERE LOWER(c.name) LIKE :like ORDER BY c.name ASC, c.id ASC',
            )
            ->setParameter('like', '%'.addcslashes(mb_strtolower(trim($typed)), '%_\\').'%')
            ->setMaxResults($most)
            ->getResult();

        return $customers;
    }

    /**
     * Whom an order is from: one that is known, by number or because name and contact are theirs; none for a new one.
     *
     * @param string $known as answered: a number, `new`, or empty where it was not asked yet
     *
     * @throws Refusals at `known` where somebody of that name is there already and it was not said whether it is them
     */
    public function meant(string $name, string $contact, string $known): ?Customer
    {
        $namesakes = $this->named($name);
        if ([] === $namesakes || self::ANOTHER === $known) {
            return null;
        }
        foreach ($namesakes as $one) {
            if ((string) $one->id() === $known) {
                return $one;
            }
        }
        $same = array_values(
            array_filter(
                $namesakes,
                static fn (Customer $one): bool => self::plain($one->contact()) === self::plain($contact),
            ),
        );
        if (1 === \count($same)) {
            return $same[0];
        }
        throw Refusals::at(
            'known',
            "There is already somebody called {$namesakes[0]->name()}, ".
                implode('; another, ', array_map(static fn (Customer $one): string => $one->toldBy(), $namesakes)).
                '. Is it them, or another?',
        );
    }

    /** @return list<Customer> of exactly that name, the first known first */
    private function named(string $name): array
    {
        /** @var list<Customer> $customers */
        $customers = $this->records
            ->createQuery('SELECT c FROM '.Customer::class.' c WHERE LOWER(c.name) = :name ORDER BY c.id ASC')
            ->setParameter('name', mb_strtolower(trim($name)))
            ->setMaxResults(12)
            ->getResult();

        return $customers;
    }

    /** A number is the same however it is spaced. */
    private static function plain(string $contact): string
    {
        return mb_strtolower((string) preg_replace('~[\s().\-/]+~u', '', $contact));
    }
}
