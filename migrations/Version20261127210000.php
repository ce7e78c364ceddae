<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Invoices. */
final class Version20261127210000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Invoices with running numbers';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE invoice (number INT NOT NULL, customer VARCHAR(120) NOT NULL, positions JSON NOT NULL, '
                .'total INT NOT NULL, tax INT NOT NULL, made_at DATETIME NOT NULL, docket_id INT NOT NULL, UNIQUE '
                .'INDEX UNIQ_906517441AAF0C24 (docket_id), PRIMARY KEY (number)) DEFAULT CHARACTER SET utf8mb4',
        );
        $this->addSql(
            'ALTER TABLE invoice ADD CONSTRAINT FK_906517441AAF0C24 FOREIGN KEY (docket_id) REFERENCES docket (id)',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE invoice');
    }
}
