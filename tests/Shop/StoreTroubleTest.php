<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use Doctrine\DBAL\Driver\AbstractException;
use Doctrine\DBAL\Exception\ConnectionLost;
use Doctrine\DBAL\Exception\DeadlockException;
use Doctrine\DBAL\Exception\LockWaitTimeoutException;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\OptimisticLockException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Yelbo\Shop\Records\Conflict;
use Yelbo\Shop\Records\DiskFull;
use Yelbo\Shop\Records\StoreTrouble;
use Yelbo\Shop\Records\Unreachable;

/** What the database refuses becomes what a person can do about it, in one place. */
final class StoreTroubleTest extends TestCase
{
    /** @return iterable<string, array{\Throwable, class-string|null}> */
    public static function faults(): iterable
    {
        $driver = new class('from the server') extends AbstractException {};
        yield 'a deadlock' => [new DeadlockException($driver, null), Conflict::class];
        yield 'a wait too long' => [new LockWaitTimeoutException($driver, null), Conflict::class];
        yield 'the same twice' => [new UniqueConstraintViolationException($driver, null), Conflict::class];
        yield 'another version' => [new OptimisticLockException('late', null), Conflict::class];
        yield 'wrapped' => [new \RuntimeException('x', 0, new DeadlockException($driver, null)), Conflict::class];
        yield 'a lost connection' => [new ConnectionLost($driver, null), Unreachable::class];
        yield 'no answer' => [new \PDOException('refused', 2002), Unreachable::class];
        yield 'no room for a table' => [new \PDOException('The table is full', 1114), DiskFull::class];
        yield 'no room at all' => [
            new \RuntimeException('x', 0, new \PDOException('Got error 28 from storage engine', 1030)),
            DiskFull::class,
        ];
        yield 'another error of the engine' => [new \PDOException('Got error 127 from storage engine', 1030), null];
        yield 'too long a text' => [new \RuntimeException('x', 0, new \PDOException('too long', 1406)), null];
        yield 'something else' => [new \LogicException('a mistake'), null];
    }

    /** @param class-string|null $means */
    #[DataProvider('faults')]
    public function testEachFaultHasItsMeaning(\Throwable $fault, ?string $means): void
    {
        $found = StoreTrouble::behind($fault);
        self::assertSame($means, null === $found ? null : $found::class);
    }

    public function testAConflictThatSaysMoreIsKept(): void
    {
        $conflict = Conflict::changed('Y-0001', 'Tomas');
        self::assertSame($conflict, StoreTrouble::behind(new \RuntimeException('x', 0, $conflict)));
    }
}
