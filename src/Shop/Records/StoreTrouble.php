<?php

declare(strict_types=1);

namespace Yelbo\Shop\Records;

use Doctrine\DBAL\Exception\ConnectionException;
use Doctrine\DBAL\Exception\DeadlockException;
use Doctrine\DBAL\Exception\RetryableException;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\OptimisticLockException;

/** The one place where what the database refuses becomes what a person can do about it. */
final class StoreTrouble
{
    /** Refused, no such host, gone away, lost in a query, too many connections, shutting down, cut off, read badly. */
    private const AWAY = [2002, 2003, 2005, 2006, 2013, 1040, 1053, 1927, 1158, 1159];

    /** No room for a file, none for a table; and what the engine says of the system's own error 28. */
    private const FULL = [1021, 1114];
    private const NO_SPACE = '~(errno: |Got error )28\b~';

    private function __construct()
    {
    }

    /**
     * What a fault means: somebody was quicker, the records cannot be reached, or there is no room for
     * more.
     *
     * @return Conflict|Unreachable|DiskFull|null none where the database has no part in it
     */
    public static function behind(\Throwable $fault): Conflict|Unreachable|DiskFull|null
    {
        for ($cause = $fault; null !== $cause; $cause = $cause->getPrevious()) {
            if ($cause instanceof Conflict || $cause instanceof Unreachable) {
                return $cause;
            }
            if (
                $cause instanceof OptimisticLockException
                || $cause instanceof RetryableException
                || $cause instanceof UniqueConstraintViolationException
            ) {
                return Conflict::atOnce($fault);
            }
            if ($cause instanceof DiskFull || self::isFull($cause)) {
                return $cause instanceof DiskFull ? $cause : new DiskFull($fault);
            }
            if ($cause instanceof ConnectionException || self::isAway($cause)) {
                return new Unreachable($fault);
            }
        }

        return null;
    }

    /** Two waited for each other, and the database gave this one up: done again it may well go through. */
    public static function isClash(\Throwable $fault): bool
    {
        for ($cause = $fault; null !== $cause; $cause = $cause->getPrevious()) {
            if ($cause instanceof DeadlockException) {
                return true;
            }
        }

        return false;
    }

    /** What the driver says of a server that does not answer, or went away in the middle. */
    private static function isAway(\Throwable $cause): bool
    {
        return $cause instanceof \PDOException
            && \in_array($cause->errorInfo[1] ?? $cause->getCode(), self::AWAY, true);
    }

    private static function isFull(\Throwable $cause): bool
    {
        return $cause instanceof \PDOException
            && (\in_array($cause->errorInfo[1] ?? $cause->getCode(), self::FULL, true)
                || 1 === preg_match(self::NO_SPACE, $cause->getMessage()));
    }
}
