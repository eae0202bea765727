<?php

declare(strict_types=1);

namespace Alternum\Server\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261130000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Each browser has a row, so that it can be signed out; a key may open once.';
    }

    public function up(Schema $schema): void
    {
        $options = 'DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB';
        $this->addSql("CREATE TABLE browser (id BINARY(16) NOT NULL, name VARCHAR(60) NOT NULL, seen_at DATETIME NOT NULL, workshop_id BINARY(16) NOT NULL, INDEX IDX_DA130F3A1FDCE57C (workshop_id), PRIMARY KEY (id)) {$options}");
        $this->addSql('ALTER TABLE browser ADD CONSTRAINT FK_DA130F3A1FDCE57C FOREIGN KEY (workshop_id) REFERENCES workshop (id) ON DELETE CASCADE');
        // Browsers of before hold a cookie that names the workshop: it opens until the others are signed out.
        $this->addSql('ALTER TABLE workshop ADD has_old_cookies TINYINT(1) DEFAULT 1 NOT NULL, ADD key_opens_once TINYINT(1) DEFAULT 0 NOT NULL');
        $this->addSql('ALTER TABLE workshop ALTER has_old_cookies DROP DEFAULT, ALTER key_opens_once DROP DEFAULT');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE browser');
        $this->addSql('ALTER TABLE workshop DROP has_old_cookies, DROP key_opens_once');
    }
}
