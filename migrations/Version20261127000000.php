<?php

declare(strict_types=1);

namespace Alternum\Server\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261127000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'A save is one statement: the plan counts its writes, and a trigger keeps what an undo group began from.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE saved_plan ADD writes INT DEFAULT 0 NOT NULL');
        $this->addSql('ALTER TABLE saved_plan ALTER writes DROP DEFAULT');
        $this->addSql('ALTER TABLE plan_version DROP PRIMARY KEY, DROP COLUMN id, DROP INDEX UNIQ_1A39BCBE899029B96901F54, ADD PRIMARY KEY (plan_id, number)');
        $this->addSql(
            'CREATE TRIGGER plan_version_kept BEFORE UPDATE ON saved_plan FOR EACH ROW
            BEGIN
                IF NEW.revision <> OLD.revision AND BINARY NEW.undo_group <> BINARY OLD.undo_group THEN
                    INSERT INTO plan_version (plan_id, number, body, says, saved_at)
                    VALUES (OLD.id, OLD.revision, OLD.body, OLD.says, OLD.saved_at);
                END IF;
            END',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TRIGGER plan_version_kept');
        $this->addSql("ALTER TABLE plan_version ADD id BINARY(16) DEFAULT '' NOT NULL FIRST");
        $this->addSql("UPDATE plan_version SET id = UNHEX(REPLACE(UUID(), '-', ''))");
        $this->addSql('ALTER TABLE plan_version DROP PRIMARY KEY, ADD PRIMARY KEY (id), ADD UNIQUE INDEX UNIQ_1A39BCBE899029B96901F54 (plan_id, number)');
        $this->addSql('ALTER TABLE plan_version ALTER id DROP DEFAULT');
        $this->addSql('ALTER TABLE saved_plan DROP writes');
    }
}
