<?php

declare(strict_types=1);

namespace Alternum\Server\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126120000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What became of the last operations is written more shortly; what was remembered until now is let go.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("UPDATE saved_plan SET results = '{}'");
    }

    public function down(Schema $schema): void
    {
        $this->addSql("UPDATE saved_plan SET results = '{}'");
    }
}
