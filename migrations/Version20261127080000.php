<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** People are added and shut out, sign-ins can be ended, and what concerns who may do what has a log of its own. */
final class Version20261127080000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'People, their sign-ins, and the log of security';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'ALTER TABLE worker ADD version INT DEFAULT 1 NOT NULL, ADD is_disabled TINYINT NOT NULL DEFAULT 0',
        );
        $this->addSql('ALTER TABLE worker ALTER is_disabled DROP DEFAULT');
        $this->addSql(
            'CREATE TABLE signed_in (id INT AUTO_INCREMENT NOT NULL, seen_at DATETIME NOT NULL, ended_at DATETIME '
                .'DEFAULT NULL, session VARCHAR(64) NOT NULL, at DATETIME NOT NULL, address VARCHAR(45) NOT NULL, '
                .'browser VARCHAR(160) NOT NULL, worker_id INT NOT NULL, UNIQUE INDEX UNIQ_2F213AD044D5D4 (session), '
                .'INDEX IDX_2F213A6B20BA36 (worker_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE '
                .'`utf8mb4_unicode_ci`',
        );
        $this->addSql(
            'ALTER TABLE signed_in ADD CONSTRAINT FK_SIGNED_IN_WORKER FOREIGN KEY (worker_id) REFERENCES worker (id)',
        );
        $this->addSql(
            'CREATE TABLE security_event (id BIGINT AUTO_INCREMENT NOT NULL, at DATETIME NOT NULL, what VARCHAR(20) '
                .'NOT NULL, who VARCHAR(80) NOT NULL, address VARCHAR(45) NOT NULL, says VARCHAR(300) NOT NULL, '
                .'INDEX security_by_who (what, who, at), INDEX security_by_address (what, address, at), PRIMARY KEY '
                .'(id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE security_event');
        $this->addSql('DROP TABLE signed_in');
        $this->addSql('ALTER TABLE worker DROP version, DROP is_disabled');
    }
}
