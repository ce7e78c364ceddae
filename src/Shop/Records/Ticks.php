<?php

declare(strict_types=1);

namespace Yelbo\Shop\Records;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\Event\OnFlushEventArgs;
use Doctrine\ORM\Events;

/**
 * How far the records have come, told without reading any: pages that ask again and again are
 * answered by it. Every change leaves a tick in its own transaction; how many there are counts as
 * well as the newest, since one that began earlier may be stored later.
 */
#[AsDoctrineListener(Events::onFlush)]
final readonly class Ticks
{
    /** So many are kept; older ones are dropped now and then. */
    private const KEPT = 2000;
    private const DROP_EVERY = 500;

    public function __construct(private Connection $database)
    {
    }

    /** Leaves a tick with every change of a record. */
    public function onFlush(OnFlushEventArgs $event): void
    {
        $records = $event->getObjectManager();
        $work = $records->getUnitOfWork();
        $changes = [
            ...$work->getScheduledEntityInsertions(),
            ...$work->getScheduledEntityUpdates(),
            ...$work->getScheduledEntityDeletions(),
        ];
        if (
            [] === $changes
            || [] !== array_filter($changes, static fn (object $change): bool => $change instanceof ChangeCounter)
        ) {
            return;
        }
        $tick = new ChangeCounter();
        $records->persist($tick);
        $work->computeChangeSet($records->getClassMetadata(ChangeCounter::class), $tick);
    }

    /** For what is written by statements of its own. */
    public function add(): void
    {
        $this->database->executeStatement('INSERT INTO tick () VALUES ()');
        if (0 === (int) $this->database->lastInsertId() % self::DROP_EVERY) {
            $this->tidy();
        }
    }

    /** A text that changes whenever a record does. */
    public function version(): string
    {
        /** @var array{newest: int|string|null, many: int|string} $row */
        $row = $this->database->fetchAssociative('SELECT MAX(id) AS newest, COUNT(*) AS many FROM tick');

        return "{$row['newest']}.{$row['many']}";
    }

    /** Drops old ticks. */
    public function tidy(): void
    {
        $this->database->executeStatement(
            'DELETE FROM tick WHERE id < (SELECT newest FROM (SELECT MAX(id) - ? AS newest FROM tick) AS t)',
            [self::KEPT],
        );
    }
}
