<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What a film's maker says of it as figures that the check goes by. */
final class Version20261125220000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Thinnest line and years outdoors by the maker of a film';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE film_on_shelf ADD thinnest INT DEFAULT NULL, ADD outdoors INT DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE film_on_shelf DROP thinnest, DROP outdoors');
    }
}
