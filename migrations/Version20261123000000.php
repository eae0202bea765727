<?php

declare(strict_types=1);

namespace Alternum\Server\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261123000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Workshops, plans with their revisions, yarn at hand.';
    }

    public function up(Schema $schema): void
    {
        $options = 'DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB';
        $this->addSql("CREATE TABLE workshop (id BINARY(16) NOT NULL, begun_at DATETIME NOT NULL, PRIMARY KEY (id)) {$options}");
        $this->addSql("CREATE TABLE saved_plan (id BINARY(16) NOT NULL, revision INT NOT NULL, title VARCHAR(480) NOT NULL, body MEDIUMTEXT NOT NULL, summary JSON NOT NULL, saved_at DATETIME NOT NULL, removed_at DATETIME DEFAULT NULL, begun_at DATETIME NOT NULL, workshop_id BINARY(16) NOT NULL, INDEX IDX_D365A9681FDCE57C (workshop_id), INDEX IDX_D365A9681FDCE57C1EBFFEB0 (workshop_id, saved_at), PRIMARY KEY (id)) {$options}");
        $this->addSql("CREATE TABLE plan_revision (id BINARY(16) NOT NULL, number INT NOT NULL, body MEDIUMTEXT NOT NULL, saved_at DATETIME NOT NULL, plan_id BINARY(16) NOT NULL, INDEX IDX_630622B6E899029B (plan_id), UNIQUE INDEX UNIQ_630622B6E899029B96901F54 (plan_id, number), PRIMARY KEY (id)) {$options}");
        $this->addSql("CREATE TABLE yarn_at_hand (id BINARY(16) NOT NULL, name VARCHAR(480) NOT NULL, hex VARCHAR(7) NOT NULL, weight VARCHAR(20) NOT NULL, metres_per100g DOUBLE PRECISION NOT NULL, grams DOUBLE PRECISION NOT NULL, workshop_id BINARY(16) NOT NULL, INDEX IDX_B86017041FDCE57C (workshop_id), PRIMARY KEY (id)) {$options}");
        $this->addSql('ALTER TABLE saved_plan ADD CONSTRAINT FK_D365A9681FDCE57C FOREIGN KEY (workshop_id) REFERENCES workshop (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE plan_revision ADD CONSTRAINT FK_630622B6E899029B FOREIGN KEY (plan_id) REFERENCES saved_plan (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE yarn_at_hand ADD CONSTRAINT FK_B86017041FDCE57C FOREIGN KEY (workshop_id) REFERENCES workshop (id) ON DELETE CASCADE');
    }

    public function down(Schema $schema): void
    {
        foreach (['yarn_at_hand', 'plan_revision', 'saved_plan', 'workshop'] as $table) {
            $this->addSql("DROP TABLE {$table}");
        }
    }
}
