<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What is asked for often is found without reading everything. */
final class Version20261127100000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Indexes of batches and photos';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE INDEX batch_by_release ON batch (release_id)');
        $this->addSql('CREATE INDEX batch_by_remnant ON batch (remnant)');
        $this->addSql('CREATE INDEX photo_by_age ON photo (taken_at)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX batch_by_release ON batch');
        $this->addSql('DROP INDEX batch_by_remnant ON batch');
        $this->addSql('DROP INDEX photo_by_age ON photo');
    }
}
