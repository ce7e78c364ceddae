<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Figures of the shop and descriptions of films count their changes, so that one owner's does not wipe another's. */
final class Version20261127060000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Versions of figures and films';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE changed_rule ADD version INT DEFAULT 1 NOT NULL');
        $this->addSql('ALTER TABLE film_on_shelf ADD version INT DEFAULT 1 NOT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE changed_rule DROP version');
        $this->addSql('ALTER TABLE film_on_shelf DROP version');
    }
}
