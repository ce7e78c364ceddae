<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What was let pass is a waiver, and what a cut leaves a remnant, in the records as in the code. */
final class Version20261127020000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Waivers and remnants by their names';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE docket CHANGE overruled waivers JSON DEFAULT NULL');
        $this->addSql("UPDATE changed_rule SET rule = 'odd-remnant-away' WHERE rule = 'odd-rest-away'");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE docket CHANGE waivers overruled JSON DEFAULT NULL');
        $this->addSql("UPDATE changed_rule SET rule = 'odd-rest-away' WHERE rule = 'odd-remnant-away'");
    }
}
