<?php

declare(strict_types=1);

namespace Yelbo\Shop\Records;

use Doctrine\DBAL\Connection;
use Yelbo\Trade\Refused;

/**
 * Numbers that run on, however many are given at one moment: a lock of the database's own, since locking the last row
 * makes two that come at once fall over each other.
 */
final readonly class Numbering
{
    /** Seconds. */
    private const PATIENCE = 10;

    public function __construct(private Connection $database)
    {
    }

    /**
     * @template T
     *
     * @param string        $what what is numbered
     * @param \Closure(): T $take a transaction that asks for the next number
     *
     * @return T
     *
     * @throws Refused with a sentence, where it takes too long
     */
    public function under(string $what, string $sentence, \Closure $take): mixed
    {
        $name = "$what number of {$this->database->getDatabase()}";
        if (1 !== (int) $this->database->fetchOne('SELECT GET_LOCK(?, ?)', [$name, self::PATIENCE])) {
            throw new Refused('busy', $sentence);
        }
        try {
            return $take();
        } finally {
            $this->database->executeStatement('DO RELEASE_LOCK(?)', [$name]);
        }
    }
}
