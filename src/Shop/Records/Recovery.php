<?php

declare(strict_types=1);

namespace Yelbo\Shop\Records;

use Doctrine\DBAL\Connection;

/** Whether the database is just coming back from being killed. */
final readonly class Recovery
{
    /** Beside other work it takes its time. */
    private const SECONDS_TO_SETTLE = 15;

    public function __construct(private Connection $database)
    {
    }

    /**
     * A database that was killed takes back what was half done when it starts, and does not show those rows until it
     * has: what is not there in its first seconds may be there in the next. The same goes for one that does not answer.
     */
    public function isUnderWay(): bool
    {
        try {
            $row = $this->database->fetchNumeric("SHOW GLOBAL STATUS LIKE 'Uptime'");
        } catch (\Throwable) {
            return true;
        }

        return false !== $row && is_numeric($row[1] ?? null) && $row[1] < self::SECONDS_TO_SETTLE;
    }
}
