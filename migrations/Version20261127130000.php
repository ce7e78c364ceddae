<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Elements beside the words of an item. */
final class Version20261127130000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What lies on an object beside its words';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE item ADD elements JSON DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE item DROP elements');
    }
}
