<?php

declare(strict_types=1);

namespace Alternum\Server\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261201000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Toys that are being made, with their journals.';
    }

    public function up(Schema $schema): void
    {
        $options = 'DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB';
        $this->addSql("CREATE TABLE making (id BINARY(16) NOT NULL, touched_at DATETIME NOT NULL, events INT NOT NULL, revision INT NOT NULL, body MEDIUMTEXT NOT NULL, counts JSON NOT NULL, begun_at DATETIME NOT NULL, workshop_id BINARY(16) NOT NULL, plan_id BINARY(16) NOT NULL, INDEX IDX_2273D1A51FDCE57C (workshop_id), INDEX IDX_2273D1A5E899029B (plan_id), INDEX IDX_2273D1A51FDCE57C8C43597D (workshop_id, touched_at), PRIMARY KEY (id)) {$options}");
        $this->addSql('ALTER TABLE making ADD CONSTRAINT FK_2273D1A51FDCE57C FOREIGN KEY (workshop_id) REFERENCES workshop (id) ON DELETE CASCADE, ADD CONSTRAINT FK_2273D1A5E899029B FOREIGN KEY (plan_id) REFERENCES saved_plan (id) ON DELETE CASCADE');
        $this->addSql("CREATE TABLE making_event (number INT NOT NULL, id CHAR(26) NOT NULL, body VARCHAR(9000) NOT NULL, making_id BINARY(16) NOT NULL, INDEX IDX_E91AD73E8DD8E41 (making_id), UNIQUE INDEX UNIQ_E91AD73E8DD8E41BF396750 (making_id, id), PRIMARY KEY (making_id, number)) {$options}");
        $this->addSql('ALTER TABLE making_event ADD CONSTRAINT FK_E91AD73E8DD8E41 FOREIGN KEY (making_id) REFERENCES making (id) ON DELETE CASCADE');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE making_event');
        $this->addSql('DROP TABLE making');
    }
}
