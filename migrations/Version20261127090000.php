<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The code that makes the first owner. */
final class Version20261127090000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The code that makes the first owner';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE first_owner (code CHAR(64) NOT NULL PRIMARY KEY, at DATETIME NOT NULL) DEFAULT CHARACTER '
                .'SET utf8mb4 COLLATE `utf8mb4_unicode_ci`',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE first_owner');
    }
}
