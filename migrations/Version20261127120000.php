<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** An order holds items: every docket becomes an order of one item, with all that it said. */
final class Version20261127120000 extends AbstractMigration
{
    /** What an item has that a docket had, with its type. */
    private const MOVED = [
        'words' => 'JSON NOT NULL',
        'roster' => 'JSON DEFAULT NULL',
        'use_of' => 'VARCHAR(10) DEFAULT NULL',
        'applied_here' => 'TINYINT NOT NULL',
        'object_surface' => 'VARCHAR(12) DEFAULT NULL',
        'object_width' => 'INT DEFAULT NULL',
        'object_height' => 'INT DEFAULT NULL',
        'object_corner' => 'INT DEFAULT NULL',
        'object_measures' => 'JSON DEFAULT NULL',
        'object_keep_outs' => 'JSON DEFAULT NULL',
        'object_material' => 'VARCHAR(20) DEFAULT NULL',
        'design_face' => 'VARCHAR(40) DEFAULT NULL',
        'design_cap_height' => 'INT DEFAULT NULL',
        'design_left_edge' => 'INT DEFAULT NULL',
        'design_top' => 'INT DEFAULT NULL',
        'design_setting' => 'JSON DEFAULT NULL',
        'design_layers' => 'JSON DEFAULT NULL',
        'design_art' => 'JSON DEFAULT NULL',
        'waivers' => 'JSON DEFAULT NULL',
    ];
    /** What a docket still tells of its items, for lists. */
    private const KEPT = [
        'object_name' => 'VARCHAR(80) DEFAULT NULL',
        'quantity' => 'INT NOT NULL',
        'film_id' => 'INT DEFAULT NULL',
    ];
    /** Answers that are asked once for the whole order. */
    private const OF_ORDER = ['customer', 'contact', 'neededOn', 'note', 'units'];

    public function getDescription(): string
    {
        return 'Items of an order, each with its object, its design and its pages of the proofs';
    }

    public function up(Schema $schema): void
    {
        $columns = self::MOVED + self::KEPT;
        $types = implode(', ', array_map(
            static fn (string $name, string $type): string => "$name $type",
            array_keys($columns),
            $columns,
        ));
        $this->addSql(
            'CREATE TABLE item (id INT AUTO_INCREMENT NOT NULL, docket_id INT NOT NULL, nth INT NOT NULL, answers '
                ."JSON NOT NULL, dropped TINYINT NOT NULL, $types, UNIQUE INDEX UNIQ_1F1B251E1AAF0C24B5326AA0 "
                .'(docket_id, nth), INDEX IDX_1F1B251E567F5183 (film_id), INDEX IDX_1F1B251E1AAF0C24 (docket_id), '
                .'PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`',
        );
        $names = implode(', ', array_keys($columns));
        $once = implode(', ', array_map(static fn (string $name): string => "'$.$name'", self::OF_ORDER));
        $this->addSql(
            "INSERT INTO item (docket_id, nth, answers, dropped, $names) SELECT id, 1, JSON_REMOVE(answers, $once), "
                ."0, $names FROM docket",
        );
        $kept = implode(
            ', ',
            array_map(
                static fn (string $name): string => "'$name', COALESCE(JSON_VALUE(answers, '$.$name'), "
                    ."'".('units' === $name ? 'metric' : '')."')",
                self::OF_ORDER,
            ),
        );
        $this->addSql("UPDATE docket SET answers = JSON_OBJECT($kept)");
        $this->addSql(
            'ALTER TABLE item ADD CONSTRAINT FK_1F1B251E567F5183 FOREIGN KEY (film_id) REFERENCES film_on_shelf (id)',
        );
        $this->addSql(
            'ALTER TABLE item ADD CONSTRAINT FK_1F1B251E1AAF0C24 FOREIGN KEY (docket_id) REFERENCES docket (id)',
        );
        $this->addSql('ALTER TABLE proof ADD item_id INT DEFAULT NULL');
        $this->addSql('UPDATE proof p JOIN item i ON i.docket_id = p.docket_id SET p.item_id = i.id');
        $this->addSql('ALTER TABLE proof CHANGE item_id item_id INT NOT NULL');
        $this->addSql(
            'ALTER TABLE proof ADD CONSTRAINT FK_FBF940DD126F525E FOREIGN KEY (item_id) REFERENCES item (id)',
        );
        $this->addSql('CREATE INDEX IDX_FBF940DD126F525E ON proof (item_id)');
        $gone = implode(', ', array_map(static fn (string $name): string => "DROP $name", array_keys(self::MOVED)));
        $this->addSql(
            "ALTER TABLE docket ADD changes INT NOT NULL, $gone, CHANGE object_name object_name VARCHAR(120) DEFAULT "
                .'NULL',
        );
    }

    /** Only the first item of each order comes back. */
    public function down(Schema $schema): void
    {
        $added = implode(
            ', ',
            array_map(
                static fn (string $name, string $type): string => "ADD $name ".str_replace(
                    'NOT NULL',
                    'DEFAULT NULL',
                    $type,
                ),
                array_keys(self::MOVED),
                self::MOVED,
            ),
        );
        $this->addSql("ALTER TABLE docket $added");
        $back = implode(
            ', ',
            array_map(static fn (string $name): string => "d.$name = i.$name", array_keys(self::MOVED + self::KEPT)),
        );
        $this->addSql(
            "UPDATE docket d JOIN item i ON i.docket_id = d.id AND i.nth = 1 SET $back, d.answers = "
                .'JSON_MERGE_PATCH(i.answers, d.answers)',
        );
        $this->addSql(
            'ALTER TABLE docket DROP changes, CHANGE words words JSON NOT NULL, CHANGE applied_here applied_here '
                .'TINYINT NOT NULL, CHANGE object_name object_name VARCHAR(80) DEFAULT NULL',
        );
        $this->addSql('ALTER TABLE proof DROP FOREIGN KEY FK_FBF940DD126F525E');
        $this->addSql('DROP INDEX IDX_FBF940DD126F525E ON proof');
        $this->addSql('ALTER TABLE proof DROP item_id');
        $this->addSql('DROP TABLE item');
    }
}
