<?php

declare(strict_types=1);

namespace Alternum\Server\Database;

use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Exception;
use Doctrine\DBAL\Driver\Middleware\AbstractConnectionMiddleware;

/** Undoes a transaction whose commit failed, so that nothing that follows is done within it. */
final class CleanConnection extends AbstractConnectionMiddleware
{
    public function __construct(private readonly Connection $connection)
    {
        parent::__construct($connection);
    }

    public function commit(): void
    {
        try {
            parent::commit();
        } catch (Exception $failed) {
            try {
                $this->connection->exec('ROLLBACK');
            } catch (Exception) {
                // It is gone as a whole, and its transaction with it.
            }

            throw $failed;
        }
    }
}
