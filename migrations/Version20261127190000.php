<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Decals worked by a school of their own. */
final class Version20261127190000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Which school a decal is worked by where that is not the shop’s';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE piece ADD schools JSON DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE piece DROP schools');
    }
}
