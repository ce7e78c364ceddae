<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Finishes, waits between coats, and steps by their names instead of their numbers. */
final class Version20261127160000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Finishes and the waits between their coats';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE item ADD finish VARCHAR(16) NOT NULL DEFAULT 'none'");
        $this->addSql('ALTER TABLE item ALTER finish DROP DEFAULT');
        $this->addSql("ALTER TABLE docket ADD waits_for VARCHAR(500) NOT NULL DEFAULT ''");
        $this->addSql('ALTER TABLE docket ALTER waits_for DROP DEFAULT');
        $this->addSql("UPDATE docket d SET waits_for = COALESCE((SELECT GROUP_CONCAT(DISTINCT f.grade, '/none')
            FROM item i JOIN film_on_shelf f ON f
                .id = i
                .film_id WHERE i
                .docket_id = d
                .id AND NOT i
                .dropped), '/none')");
        $this->addSql('ALTER TABLE piece ADD dries_until DATETIME DEFAULT NULL, ADD on_since DATETIME DEFAULT NULL');
        // The list of steps is another one: what was ticked of the old one is gone through again.
        $this->addSql("UPDATE piece SET steps_done = '[]'");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE piece DROP dries_until, DROP on_since');
        $this->addSql('ALTER TABLE docket DROP waits_for');
        $this->addSql('ALTER TABLE item DROP finish');
    }
}
