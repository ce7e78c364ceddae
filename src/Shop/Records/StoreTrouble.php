<?php

declare(strict_types=1);

namespace Yelbo\Shop\Records;

use Doctrine\DBAL\Exception\ConnectionException;
use Doctrine\DBAL\Exception\RetryableException;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\OptimisticLockException;

/** The one place where what the database refuses becomes what a person can do about it. */
final class StoreTrouble
{
    private function __construct()
    {
    }

    /**
     * What a fault means: somebody was quicker, or the records cannot be reached.
     *
     * @return Conflict|Unreachable|null none where the database has no part in it
     */
    public static function behind(\Throwable $fault): Conflict|Unreachable|null
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
            if ($cause instanceof ConnectionException || $cause instanceof \PDOException) {
                return new Unreachable($fault);
            }
        }

        return null;
    }
}
