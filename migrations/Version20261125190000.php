<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * The stockroom with its movements, plans side by side, machines, and batches that hold their sheet as it was released.
 */
final class Version20261125190000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Rolls, lots, tapes, blanks and movements; nestings and plans; machine profiles; frozen sheets, weed '
            .'boxes and rests';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            "ALTER TABLE film_on_shelf ADD thickness INT DEFAULT NULL, ADD finish VARCHAR(20) DEFAULT '' NOT NULL, "
                ."ADD liner VARCHAR(40) DEFAULT 'white' NOT NULL, ADD runs_one_way TINYINT DEFAULT 0 NOT NULL, ADD "
                ."maker VARCHAR(300) DEFAULT '' NOT NULL, ADD price INT DEFAULT NULL, ADD low_at INT DEFAULT NULL",
        );
        $this->addSql(
            'ALTER TABLE film_on_shelf ALTER finish DROP DEFAULT, ALTER liner DROP DEFAULT, ALTER runs_one_way DROP '
                .'DEFAULT, ALTER maker DROP DEFAULT',
        );
        $this->addSql(
            "ALTER TABLE stock_item ADD lot VARCHAR(40) DEFAULT '' NOT NULL, ADD since DATETIME DEFAULT NULL",
        );
        $this->addSql('ALTER TABLE stock_item ALTER lot DROP DEFAULT');
        $this->addSql(
            'CREATE TABLE supply (id INT AUTO_INCREMENT NOT NULL, version INT DEFAULT 1 NOT NULL, kind VARCHAR(10) '
                .'NOT NULL, name VARCHAR(80) NOT NULL, width INT DEFAULT NULL, amount INT NOT NULL, bin VARCHAR(20) '
                .'NOT NULL, low_at INT DEFAULT NULL, PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE '
                .'`utf8mb4_unicode_ci`',
        );
        $this->addSql(
            'CREATE TABLE movement (id INT AUTO_INCREMENT NOT NULL, moved_at DATETIME NOT NULL, who VARCHAR(80) NOT '
                .'NULL, what VARCHAR(12) NOT NULL, delta INT NOT NULL, area BIGINT NOT NULL, reason VARCHAR(300) NOT '
                .'NULL, batch INT DEFAULT NULL, item_id INT DEFAULT NULL, supply_id INT DEFAULT NULL, INDEX '
                .'IDX_F4DD95F7126F525E (item_id), INDEX IDX_F4DD95F7FF28C0D8 (supply_id), INDEX IDX_F4DD95F7F80B52D4 '
                .'(batch), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`',
        );
        $this->addSql(
            'ALTER TABLE movement ADD CONSTRAINT FK_F4DD95F7126F525E FOREIGN KEY (item_id) REFERENCES stock_item (id)',
        );
        $this->addSql(
            'ALTER TABLE movement ADD CONSTRAINT FK_F4DD95F7FF28C0D8 FOREIGN KEY (supply_id) REFERENCES supply (id)',
        );
        // What is on the shelf now is where the sums begin; odd outlines by their box, to be counted once.
        $this->addSql(
            "INSERT INTO movement (moved_at, who, item_id, what, delta, area, reason) SELECT NOW(), 'Yelbo', id, "
                ."'received', count, CAST(count AS SIGNED) * width * height, 'on the shelf before movements were "
                ."kept' FROM stock_item",
        );
        foreach (['UPDATE', 'DELETE'] as $event) {
            $this->addSql(
                'CREATE TRIGGER movement_no_'.strtolower($event)." BEFORE $event ON movement FOR EACH ROW SIGNAL "
                    ."SQLSTATE '45000' SET MESSAGE_TEXT = 'Movements are only added to.'",
            );
        }
        $this->addSql(
            'CREATE TABLE nesting (id INT AUTO_INCREMENT NOT NULL, pieces JSON NOT NULL, split JSON NOT NULL, boxes '
                .'VARCHAR(10) NOT NULL, stock INT DEFAULT NULL, made_by VARCHAR(80) NOT NULL, made_at DATETIME NOT '
                .'NULL, seen_at DATETIME NOT NULL, movement INT NOT NULL, film_id INT NOT NULL, INDEX '
                .'IDX_2B5D9986567F5183 (film_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE '
                .'`utf8mb4_unicode_ci`',
        );
        $this->addSql(
            'ALTER TABLE nesting ADD CONSTRAINT FK_DE8E8C93567F5183 FOREIGN KEY (film_id) REFERENCES film_on_shelf '
                .'(id)',
        );
        $this->addSql(
            'CREATE TABLE nest_plan (id INT AUTO_INCREMENT NOT NULL, version INT DEFAULT 1 NOT NULL, state '
                .'VARCHAR(10) NOT NULL, progress DOUBLE PRECISION NOT NULL, cancelled TINYINT NOT NULL, laid JSON '
                .'DEFAULT NULL, laid_before JSON NOT NULL, trouble VARCHAR(300) DEFAULT NULL, kind VARCHAR(14) NOT '
                .'NULL, seconds INT NOT NULL, nesting_id INT NOT NULL, INDEX IDX_E1CDB95D36A0BE33 (nesting_id), '
                .'PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`',
        );
        $this->addSql(
            'ALTER TABLE nest_plan ADD CONSTRAINT FK_2E1A6B9FB5B6BBB9 FOREIGN KEY (nesting_id) REFERENCES nesting (id)',
        );
        $this->addSql(
            'CREATE TABLE machine_profile (id INT AUTO_INCREMENT NOT NULL, version INT DEFAULT 1 NOT NULL, in_use '
                .'TINYINT NOT NULL, name VARCHAR(60) NOT NULL, kind VARCHAR(10) NOT NULL, figures JSON NOT NULL, '
                .'force_grams INT NOT NULL, blade VARCHAR(60) NOT NULL, passes INT NOT NULL, PRIMARY KEY (id)) '
                .'DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`',
        );
        $this->addSql(
            'ALTER TABLE batch ADD release_id INT DEFAULT NULL, ADD outline LONGTEXT DEFAULT NULL, ADD width INT '
                .'DEFAULT 0 NOT NULL, ADD height INT DEFAULT 0 NOT NULL, ADD rest VARCHAR(10) DEFAULT NULL, ADD '
                ."boxes JSON DEFAULT '[]' NOT NULL, ADD taken INT DEFAULT NULL",
        );
        $this->addSql(
            'UPDATE batch b JOIN stock_item s ON s.id = b.stock_id SET b.width = s.width, b.height = s.height, '
                .'b.outline = s.outline',
        );
        $this->addSql(
            'ALTER TABLE batch ALTER width DROP DEFAULT, ALTER height DROP DEFAULT, ALTER boxes DROP DEFAULT',
        );
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('Movements of stock cannot be given up.');
    }
}
