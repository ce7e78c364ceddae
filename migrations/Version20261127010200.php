<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Pages that ask again and again are told whether anything changed, without reading it. */
final class Version20261127010200 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'A tick for each change';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE tick (id BIGINT AUTO_INCREMENT NOT NULL, PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 '
                .'COLLATE `utf8mb4_unicode_ci`',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE tick');
    }
}
