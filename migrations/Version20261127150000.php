<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Pictures that are printed before they are cut. */
final class Version20261127150000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Pictures printed inside an outline, and how far a sheet of them is';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'ALTER TABLE batch ADD printed_at DATETIME DEFAULT NULL, ADD coats INT NOT NULL, ADD coated_at DATETIME '
                .'DEFAULT NULL',
        );
        $this->addSql('ALTER TABLE brought_art ADD picture MEDIUMBLOB DEFAULT NULL, ADD picture_at JSON DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE brought_art DROP picture, DROP picture_at');
        $this->addSql('ALTER TABLE batch DROP printed_at, DROP coats, DROP coated_at');
    }
}
