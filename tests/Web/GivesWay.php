<?php

declare(strict_types=1);

namespace Yelbo\Tests\Web;

use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractConnectionMiddleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;
use Doctrine\DBAL\Driver\PDO\Exception;
use Doctrine\DBAL\Driver\Statement;

/** A database that gives up what is asked of it so many times, as it does with one of two that wait for each other. */
final class GivesWay implements Middleware
{
    public static int $times = 0;

    public function wrap(Driver $driver): Driver
    {
        return new class($driver) extends AbstractDriverMiddleware {
            public function connect(#[\SensitiveParameter] array $params): Connection
            {
                return new class(parent::connect($params)) extends AbstractConnectionMiddleware {
                    public function prepare(string $sql): Statement
                    {
                        if (GivesWay::$times > 0 && str_contains($sql, 'proof_link')) {
                            --GivesWay::$times;
                            $fault = new \PDOException('Deadlock found when trying to get lock', 0);
                            $fault->errorInfo = ['40001', 1213, 'Deadlock found when trying to get lock'];

                            throw Exception::new($fault);
                        }

                        return parent::prepare($sql);
                    }
                };
            }
        };
    }
}
