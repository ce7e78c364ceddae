<?php

declare(strict_types=1);

namespace Yelbo\Shop\Orders;

use Doctrine\ORM\EntityManagerInterface;
use Yelbo\Shop\Records\NotFound;
use Yelbo\Shop\Records\Numbering;
use Yelbo\Trade\Refused;

/** The dockets on record. */
final readonly class Dockets
{
    /** The first number a new shop gives out is the one after. */
    private const BEFORE_FIRST = 400;

    public function __construct(private EntityManagerInterface $records, private Numbering $numbering)
    {
    }

    /** @throws NotFound */
    public function numbered(int $number): Docket
    {
        return $this->records->getRepository(Docket::class)->findOneBy(['number' => $number]) ??
            throw new NotFound(\sprintf('There is no docket Y-%04d.', $number));
    }

    /**
     * A docket whose object has been measured.
     *
     * @throws NotFound|Refused
     */
    public function measured(int $number): Docket
    {
        $docket = $this->numbered($number);

        return null !== $docket->customer()
            ? $docket
            : throw new Refused('illegal-move', "{$docket->tag()} has not been measured yet. Take the order first.");
    }

    /**
     * One thing of a docket whose objects have been measured.
     *
     * @throws NotFound|Refused
     */
    public function measuredItem(int $number, int $item): Item
    {
        return $this->measured($number)->item($item);
    }

    /**
     * Orders are numbered one after the other, however many are taken at one moment: a lock of the
     * database's own, since locking the last row makes two that come at once fall over each other.
     *
     * @template T
     *
     * @param \Closure(): T $take a transaction that asks for the next number
     *
     * @return T
     *
     * @throws Refused
     */
    public function numbering(\Closure $take): mixed
    {
        return $this->numbering->under(
            'docket',
            'Many orders are being taken at this moment. Try again; nothing typed is lost.',
            $take,
        );
    }

    /** To be called inside the transaction that stores the docket. */
    public function nextNumber(): int
    {
        $last = $this->records->getConnection()->fetchOne('SELECT MAX(number) FROM docket');

        return 1 + (is_numeric($last) ? (int) $last : self::BEFORE_FIRST);
    }
}
