<?php

declare(strict_types=1);

namespace Yelbo\Shop\Records;

use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractConnectionMiddleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

/** Keeps the key of a request in the transaction of what the request asks for, just before that ends. */
final readonly class OnceOnlyMiddleware implements Middleware
{
    public function __construct(private OnceOnly $once)
    {
    }

    /** The driver as it is, but for the end of a transaction. */
    public function wrap(Driver $driver): Driver
    {
        return new class($driver, $this->once) extends AbstractDriverMiddleware {
            public function __construct(Driver $driver, private readonly OnceOnly $once)
            {
                parent::__construct($driver);
            }

            public function connect(#[\SensitiveParameter] array $params): Connection
            {
                return new class(parent::connect($params), $this->once) extends AbstractConnectionMiddleware {
                    public function __construct(Connection $connection, private readonly OnceOnly $once)
                    {
                        parent::__construct($connection);
                    }

                    public function commit(): void
                    {
                        $keep = $this->once->toKeep();
                        if (null !== $keep) {
                            $this->exec(
                                'INSERT INTO answered (request, who, what, at) VALUES ('.
                                    implode(', ', array_map($this->quote(...), $keep)).
                                    ')',
                            );
                        }
                        parent::commit();
                        $this->once->ended();
                        if (null !== $keep) {
                            $this->once->kept();
                        }
                    }
                };
            }
        };
    }
}
