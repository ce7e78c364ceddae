<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Every surface, every way words are set, sets, layers of other films, and the shop's own objects. */
final class Version20261125110000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Measures, keep-outs, settings, layers, rosters; known objects';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'ALTER TABLE docket ADD roster JSON DEFAULT NULL, ADD thing_measures JSON DEFAULT NULL, ADD '
                .'thing_keep_outs JSON DEFAULT NULL, ADD thing_material VARCHAR(20) DEFAULT NULL, ADD design_setting '
                .'JSON DEFAULT NULL, ADD design_layers JSON DEFAULT NULL',
        );
        $this->addSql('ALTER TABLE proof ADD parts JSON DEFAULT NULL');
        $this->addSql(
            'ALTER TABLE piece ADD film_id INT DEFAULT NULL, ADD member INT DEFAULT 0 NOT NULL, ADD layer INT '
                .'DEFAULT 0 NOT NULL',
        );
        $this->addSql('UPDATE piece p JOIN docket d ON d.id = p.docket_id SET p.film_id = d.film_id');
        $this->addSql(
            'ALTER TABLE piece MODIFY film_id INT NOT NULL, MODIFY member INT NOT NULL, MODIFY layer INT NOT NULL',
        );
        $this->addSql(
            'ALTER TABLE piece ADD CONSTRAINT FK_44CA0B23567F5183 FOREIGN KEY (film_id) REFERENCES film_on_shelf (id)',
        );
        $this->addSql('CREATE INDEX IDX_44CA0B23567F5183 ON piece (film_id)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_44CA0B231AAF0C24B5326AA0E4DB211A ON piece (docket_id, nth, layer)');
        $this->addSql('DROP INDEX UNIQ_44CA0B231AAF0C24B5326AA0 ON piece');
        $this->addSql(
            'CREATE TABLE known_object (id INT AUTO_INCREMENT NOT NULL, version INT DEFAULT 1 NOT NULL, name '
                .'VARCHAR(80) NOT NULL, answers JSON NOT NULL, picture MEDIUMBLOB DEFAULT NULL, UNIQUE INDEX '
                .'UNIQ_9D0A632E5E237E06 (name), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE '
                .'`utf8mb4_unicode_ci`',
        );
        $this->addSql(
            'CREATE TABLE photo (name VARCHAR(32) NOT NULL, jpeg MEDIUMBLOB NOT NULL, taken_at DATETIME NOT NULL, '
                .'PRIMARY KEY (name)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`',
        );
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('Sets and layers cannot be told as single decals.');
    }
}
