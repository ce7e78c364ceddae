<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What stands in the place of words where an order has none. */
final class Version20261201000000 extends AbstractMigration
{
    private const DRAWN = ['item', 'known_design'];

    public function getDescription(): string
    {
        return 'Orders without words';
    }

    public function up(Schema $schema): void
    {
        foreach (self::DRAWN as $table) {
            $this->addSql("ALTER TABLE $table ADD design_motif JSON DEFAULT NULL");
        }
    }

    public function down(Schema $schema): void
    {
        foreach (self::DRAWN as $table) {
            $this->addSql("ALTER TABLE $table DROP design_motif");
        }
    }
}
