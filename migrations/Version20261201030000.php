<?php

declare(strict_types=1);

namespace Alternum\Server\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261201030000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'A plan can be put by.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE saved_plan ADD archived_at DATETIME DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE saved_plan DROP archived_at');
    }
}
