<?php

declare(strict_types=1);

namespace Yelbo\Shop\Stock;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Yelbo\Shop\Input\Refusals;
use Yelbo\Shop\Log\Book;
use Yelbo\Shop\Records\Conflict;

/** The one way tapes and blanks are counted: every change leaves a movement in the same transaction. */
final readonly class SupplyShelf
{
    public function __construct(
        private EntityManagerInterface $records,
        private Book $book,
        private ClockInterface $clock,
    ) {
    }

    /** Puts some of a supply on the shelf. */
    public function receive(Supply $supply, int $amount, string $reason): void
    {
        $this->move($supply, Movement::RECEIVED, $amount, $reason);
    }

    /** Puts right how much of a supply there is. */
    public function correct(Supply $supply, int $version, int $amount, string $reason): void
    {
        if ($supply->version() !== $version) {
            throw Conflict::changed($supply->number());
        }
        $this->move($supply, Movement::COUNTED, $amount - $supply->amount(), $reason);
    }

    /**
     * Takes some of a supply off the shelf.
     *
     * @throws Refusals where there is not so much
     */
    public function use(Supply $supply, int $amount, string $reason): void
    {
        if ($amount > $supply->amount()) {
            throw Refusals::at('amount', 'There is not so much of it. Count it first.');
        }
        $this->move($supply, Movement::USED, -$amount, $reason);
    }

    /** What work took of a supply: so much, or all there is where the shelf has less. */
    public function takeOff(Supply $supply, int $amount, string $reason): void
    {
        $this->records->wrapInTransaction(function () use ($supply, $amount, $reason): void {
            $this->records->refresh($supply, LockMode::PESSIMISTIC_WRITE);
            $taken = min($amount, $supply->amount());
            if ($taken > 0) {
                $this->move($supply, Movement::USED, -$taken, $reason);
            }
        });
    }

    /** How a tape or a blank came to be kept: its first amount is received. */
    public function keep(Supply $supply): void
    {
        $this->records->wrapInTransaction(function () use ($supply): void {
            $this->records->persist($supply);
            $this->records->persist(
                new Movement(
                    $this->clock->now(),
                    $this->book->who(),
                    null,
                    $supply,
                    Movement::RECEIVED,
                    $supply->amount(),
                    0,
                    '',
                ),
            );
            $this->records->flush();
            $this->book->note('stock', "{$supply->name()} is kept as {$supply->number()}, bin {$supply->bin()}");
        });
    }

    private function move(Supply $supply, string $what, int $by, string $reason): void
    {
        $this->records->wrapInTransaction(function () use ($supply, $what, $by, $reason): void {
            $supply->change($by);
            $this->records->persist(
                new Movement($this->clock->now(), $this->book->who(), null, $supply, $what, $by, 0, $reason),
            );
            $this->book->note(
                'stock',
                trim(
                    "{$supply->number()} {$supply->name()} $what, ".
                        ($by < 0 ? '' : '+').
                        (Supply::TAPE === $supply->kind() ? $by / 1000 .' m' : $by).
                        " $reason",
                ),
            );
        });
    }
}
