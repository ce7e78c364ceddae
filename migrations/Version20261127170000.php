<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Tape that is used again. */
final class Version20261127170000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Which piece of tape lifts a decal, where it is not a new one';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE piece ADD tape_from INT DEFAULT NULL');
        $this->addSql('CREATE INDEX piece_tape ON piece (tape_from)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX piece_tape ON piece');
        $this->addSql('ALTER TABLE piece DROP tape_from');
    }
}
