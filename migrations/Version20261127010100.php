<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What proofs said twice is said once: of every decal, the first one too, in its parts. */
final class Version20261127010100 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Proofs keep their first decal among the others';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'ALTER TABLE proof DROP width, DROP height, DROP art_left, DROP top, DROP path, CHANGE parts parts JSON '
                .'NOT NULL, CHANGE frozen frozen JSON NOT NULL',
        );
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException(
            'What was said twice is said once now. Put back the backup of before.',
        );
    }
}
