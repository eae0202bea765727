<?php

declare(strict_types=1);

namespace Alternum\Server\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Saving by operations: their groups and results; versions in place of revisions; a key for each workshop.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE saved_plan ADD undo_group VARCHAR(40) DEFAULT '' NOT NULL, ADD says VARCHAR(480) DEFAULT '' NOT NULL, ADD results JSON DEFAULT '{}' NOT NULL");
        $this->addSql('ALTER TABLE saved_plan ALTER undo_group DROP DEFAULT, ALTER says DROP DEFAULT, ALTER results DROP DEFAULT');
        $this->addSql('RENAME TABLE plan_revision TO plan_version');
        $this->addSql("ALTER TABLE plan_version DROP FOREIGN KEY FK_630622B6E899029B, ADD says VARCHAR(480) DEFAULT '' NOT NULL");
        $this->addSql('ALTER TABLE plan_version ALTER says DROP DEFAULT, DROP INDEX IDX_630622B6E899029B, DROP INDEX UNIQ_630622B6E899029B96901F54');
        $this->addSql('ALTER TABLE plan_version ADD INDEX IDX_1A39BCBE899029B (plan_id), ADD UNIQUE INDEX UNIQ_1A39BCBE899029B96901F54 (plan_id, number), ADD CONSTRAINT FK_1A39BCBE899029B FOREIGN KEY (plan_id) REFERENCES saved_plan (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE workshop ADD key_hash VARCHAR(64) DEFAULT NULL, ADD UNIQUE INDEX UNIQ_9B6F02C457BFB971 (key_hash)');
        // What a plan is now stands in the plan alone.
        $this->addSql('DELETE v FROM plan_version v JOIN saved_plan p ON p.id = v.plan_id AND p.revision = v.number');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE workshop DROP key_hash');
        $this->addSql('ALTER TABLE plan_version DROP says');
        $this->addSql('RENAME TABLE plan_version TO plan_revision');
        $this->addSql('ALTER TABLE saved_plan DROP undo_group, DROP says, DROP results');
    }
}
