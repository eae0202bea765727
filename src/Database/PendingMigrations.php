<?php

declare(strict_types=1);

namespace Alternum\Server\Database;

use Doctrine\Migrations\DependencyFactory;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** Changes of the tables that this program has and its database does not. */
final readonly class PendingMigrations
{
    public function __construct(#[Autowire(service: 'doctrine.migrations.dependency_factory')] private DependencyFactory $migrations)
    {
    }

    public function count(): int
    {
        return \count($this->migrations->getMigrationStatusCalculator()->getNewMigrations());
    }
}
