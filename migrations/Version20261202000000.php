<?php

declare(strict_types=1);

namespace Alternum\Server\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261202000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'People with passwords, what each may do in a workshop, and invitations. Browsers that are there hold what they have open.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE person (id BINARY(16) NOT NULL, name VARCHAR(60) NOT NULL, password_hash VARCHAR(255) NOT NULL, begun_at DATETIME NOT NULL,
            UNIQUE INDEX UNIQ_34DCD1765E237E06 (name), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`');
        $this->addSql('CREATE TABLE member (workshop_id BINARY(16) NOT NULL, person_id BINARY(16) NOT NULL, role VARCHAR(10) NOT NULL, opened_at DATETIME NOT NULL,
            INDEX IDX_70E4FA781FDCE57C (workshop_id), INDEX IDX_70E4FA78217BBB47 (person_id), PRIMARY KEY (workshop_id, person_id),
            CONSTRAINT FK_70E4FA781FDCE57C FOREIGN KEY (workshop_id) REFERENCES workshop (id) ON DELETE CASCADE,
            CONSTRAINT FK_70E4FA78217BBB47 FOREIGN KEY (person_id) REFERENCES person (id) ON DELETE CASCADE)
            DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`');
        $this->addSql('CREATE TABLE recovery_code (id BINARY(16) NOT NULL, person_id BINARY(16) NOT NULL, hash VARCHAR(64) NOT NULL,
            INDEX IDX_2C8D0584217BBB47 (person_id), PRIMARY KEY (id),
            CONSTRAINT FK_2C8D0584217BBB47 FOREIGN KEY (person_id) REFERENCES person (id) ON DELETE CASCADE)
            DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`');
        $this->addSql('CREATE TABLE invitation (id BINARY(16) NOT NULL, workshop_id BINARY(16) NOT NULL, hash VARCHAR(64) NOT NULL, role VARCHAR(10) NOT NULL,
            ends_at DATETIME NOT NULL, UNIQUE INDEX UNIQ_F11D61A2D1B862B8 (hash), INDEX IDX_F11D61A21FDCE57C (workshop_id), PRIMARY KEY (id),
            CONSTRAINT FK_F11D61A21FDCE57C FOREIGN KEY (workshop_id) REFERENCES workshop (id) ON DELETE CASCADE)
            DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`');
        $this->addSql("ALTER TABLE browser ADD role VARCHAR(10) DEFAULT 'hold' NOT NULL, ADD person_id BINARY(16) DEFAULT NULL,
            ADD INDEX IDX_DA130F3A217BBB47 (person_id), ADD CONSTRAINT FK_DA130F3A217BBB47 FOREIGN KEY (person_id) REFERENCES person (id) ON DELETE CASCADE");
        $this->addSql('ALTER TABLE workshop ADD pass_browser_id BINARY(16) DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        // Without roles all of them would hold the workshop.
        $this->addSql("DELETE FROM browser WHERE role <> 'hold'");
        $this->addSql('ALTER TABLE workshop DROP pass_browser_id');
        $this->addSql('ALTER TABLE browser DROP FOREIGN KEY FK_DA130F3A217BBB47, DROP INDEX IDX_DA130F3A217BBB47, DROP person_id, DROP role');
        $this->addSql('DROP TABLE invitation');
        $this->addSql('DROP TABLE recovery_code');
        $this->addSql('DROP TABLE member');
        $this->addSql('DROP TABLE person');
    }
}
