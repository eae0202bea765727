<?php

declare(strict_types=1);

namespace Alternum\Server\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261201020000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'A making follows later revisions of its plan.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE making_plan (revision INT NOT NULL, body MEDIUMTEXT NOT NULL, making_id BINARY(16) NOT NULL, INDEX IDX_57557555E8DD8E41 (making_id), PRIMARY KEY (making_id, revision)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('ALTER TABLE making_plan ADD CONSTRAINT FK_57557555E8DD8E41 FOREIGN KEY (making_id) REFERENCES making (id) ON DELETE CASCADE');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE making_plan');
    }
}
