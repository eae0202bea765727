<?php

declare(strict_types=1);

namespace Alternum\Server\Database;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsMiddleware;
use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

/**
 * A commit that fails may leave its transaction open: in a cluster that is losing a node it does (error 1205). PHP keeps its connections, and what came
 * next on such a one would be done within that transaction, answered, and undone with it.
 */
#[AsMiddleware]
final class CleanConnections implements Middleware
{
    public function wrap(Driver $driver): Driver
    {
        return new class($driver) extends AbstractDriverMiddleware {
            public function connect(#[\SensitiveParameter] array $params): Connection
            {
                return new CleanConnection(parent::connect($params));
            }
        };
    }
}
