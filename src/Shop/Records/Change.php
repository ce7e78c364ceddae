<?php

declare(strict_types=1);

namespace Yelbo\Shop\Records;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\OptimisticLockException;
use Yelbo\Shop\Log\Book;

/** One change of state is one transaction; whoever comes second is told so. */
final readonly class Change
{
    public function __construct(private EntityManagerInterface $records, private Book $book)
    {
    }

    /**
     * Changes one record.
     *
     * @template T
     *
     * @param int          $version the one the change was decided on
     * @param \Closure(): T $do
     *
     * @return T
     *
     * @throws Conflict where somebody changed it meanwhile; then nothing is changed
     */
    public function apply(Versioned $record, int $version, \Closure $do): mixed
    {
        return $this->applyAll([[$record, $version]], $do);
    }

    /**
     * Changes several records, all or none.
     *
     * @template T
     *
     * @param list<array{Versioned, int}> $records each with the version it was decided on
     * @param \Closure(): T               $do
     *
     * @return T
     *
     * @throws Conflict where somebody changed one of them meanwhile; then nothing is changed
     */
    public function applyAll(array $records, \Closure $do): mixed
    {
        $now = null;
        try {
            return $this->records->wrapInTransaction(function () use ($records, $do, &$now): mixed {
                foreach ($records as [$record, $version]) {
                    $now = $record;
                    $this->records->lock($record, LockMode::OPTIMISTIC, $version);
                }

                return $do();
            });
        } catch (OptimisticLockException $late) {
            $entity = $late->getEntity();
            throw $this->conflict($entity instanceof Versioned ? $entity : $now, $late);
        }
    }

    /**
     * Refuses at once what would be refused later, before something outside is set to work for it.
     *
     * @throws Conflict where the record has been changed since
     */
    public function refuseLate(Versioned $record, int $version): void
    {
        if ($record->version() !== $version) {
            throw $this->conflict($record, new \LogicException('Read in another version.'));
        }
    }

    private function conflict(?Versioned $record, \Throwable $late): Conflict
    {
        $docket = $record?->docketNumber();
        $last = null === $docket ? null : $this->book->last($docket);

        return Conflict::changed($record?->reference() ?? 'This', $last?->who() ?? '', $last?->says() ?? '', $late);
    }
}
