<?php

declare(strict_types=1);

namespace Alternum\Server\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261201010000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'A pass opens a workshop once, and soon.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE workshop ADD pass_hash VARCHAR(64) DEFAULT NULL, ADD pass_ends_at DATETIME DEFAULT NULL, ADD UNIQUE INDEX UNIQ_9B6F02C410622739 (pass_hash)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE workshop DROP pass_hash, DROP pass_ends_at');
    }
}
