<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The book is searched. */
final class Version20261127220000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Indexes the book is searched by';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE INDEX IDX_B5F762DDED63AA1BF396750 ON log_entry (who, id)');
        $this->addSql('CREATE INDEX IDX_B5F762DBAE63262BF396750 ON log_entry (what, id)');
        $this->addSql('CREATE INDEX IDX_B5F762D6A57FD3CBF396750 ON log_entry (at, id)');
        $this->addSql('CREATE FULLTEXT INDEX IDX_B5F762D262A9340 ON log_entry (says)');
    }

    public function down(Schema $schema): void
    {
        foreach (['DDED63AA1BF396750', 'DBAE63262BF396750', 'D6A57FD3CBF396750', 'D262A9340'] as $name) {
            $this->addSql("DROP INDEX IDX_B5F762$name ON log_entry");
        }
    }
}
