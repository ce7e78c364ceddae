<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Objects as they look. */
final class Version20261127180000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Photos laid on the measures of objects';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE object_photo (name VARCHAR(32) NOT NULL, surface VARCHAR(12) NOT NULL, colour VARCHAR(7) '
                .'NOT NULL, jpeg MEDIUMBLOB NOT NULL, taken_at DATETIME NOT NULL, PRIMARY KEY (name)) DEFAULT '
                .'CHARACTER SET utf8mb4',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE object_photo');
    }
}
