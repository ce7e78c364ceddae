<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Requests that are repeated because nobody knows whether the first was kept. */
final class Version20261127070000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Answered requests by their keys';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE answered (request CHAR(36) NOT NULL PRIMARY KEY, who VARCHAR(60) NOT NULL, what '
                .'VARCHAR(200) NOT NULL, at DATETIME NOT NULL, status SMALLINT DEFAULT NULL, body MEDIUMTEXT DEFAULT '
                .'NULL, INDEX answered_by_age (at)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE answered');
    }
}
