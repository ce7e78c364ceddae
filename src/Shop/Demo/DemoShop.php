<?php

declare(strict_types=1);

namespace Yelbo\Shop\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\NativeClock;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Objects\ObjectAnswers;
use Yelbo\Shop\Objects\ObjectLibrary;
use Yelbo\Shop\People\Role;
use Yelbo\Shop\People\Worker;

/**
 * Fills an empty shop with the made-up wharf. Orders go the way every order goes, by the
 * same actions, with the clock set back so that waits run and some days are nearly up.
 */
final readonly class DemoShop
{
    public const SIGN_INS = [
        ['ines', 'Ines', Role::Owner, 'lantern-towpath'],
        ['tomas', 'Tomas', Role::Bench, 'kettle-and-rope'],
    ];

    public function __construct(
        private EntityManagerInterface $records,
        private ObjectLibrary $objects,
        private DemoStock $stock,
        private DemoOrdering $ordering,
        private DemoHistory $history,
        private Book $book,
        private UserPasswordHasherInterface $hasher,
    ) {
    }

    /** Whether there is nothing on record yet. */
    public function isEmpty(): bool
    {
        return null === $this->records->getRepository(Worker::class)->findOneBy([]);
    }

    /** @param \Closure(int, int): void|null $tell how many orders of how many are in */
    public function fill(?\Closure $tell = null): void
    {
        // In an emptied shop numbers begin anew: what was looked at before must not be taken for what comes.
        $this->records->clear();
        $now = new \DateTimeImmutable();
        try {
            Clock::set(new MockClock($now->modify('-3 days')));
            $this->book->as('Ines');
            $this->people();
            $this->stock->machines();
            $films = $this->stock->stock();
            $all = \count(DemoOrders::ORDERS) + \count(DemoOrders::SHAPED);
            foreach (DemoOrders::OBJECTS as $answers) {
                $this->objects->add(ObjectAnswers::fromKept($answers), null);
            }
            foreach (DemoOrders::ORDERS as $nth => $order) {
                $this->ordering->order($order, $films, $now, $nth);
                null === $tell || $tell($nth + 1, $all);
            }
            foreach (DemoOrders::SHAPED as $nth => $order) {
                $this->ordering->shaped($order, $films, $now, $nth);
                null === $tell || $tell(\count(DemoOrders::ORDERS) + $nth + 1, $all);
            }
            $this->book->as('Ines');
            $this->stock->offcuts(DemoOrders::OFFCUTS, $films);
            $this->history->fill($now);
        } finally {
            Clock::set(new NativeClock());
        }
    }

    private function people(): void
    {
        foreach (self::SIGN_INS as [$signIn, $name, $role, $password]) {
            $worker = new Worker($signIn, $name, $role);
            $worker->setHash($this->hasher->hashPassword($worker, $password));
            $this->records->persist($worker);
        }
        $this->records->flush();
    }
}
