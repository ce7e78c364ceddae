<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The shop's own designs. */
final class Version20261127140000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Designs that are asked for again and again';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE known_design (id INT AUTO_INCREMENT NOT NULL, version INT DEFAULT 1 NOT NULL, words JSON '
                .'NOT NULL, elements JSON NOT NULL, width INT NOT NULL, height INT NOT NULL, name VARCHAR(80) NOT '
                .'NULL, glance JSON NOT NULL, design_face VARCHAR(40) DEFAULT NULL, design_cap_height INT DEFAULT '
                .'NULL, design_left_edge INT DEFAULT NULL, design_top INT DEFAULT NULL, design_setting JSON DEFAULT '
                .'NULL, design_layers JSON DEFAULT NULL, design_art JSON DEFAULT NULL, film_id INT DEFAULT NULL, '
                .'UNIQUE INDEX UNIQ_F8E892F25E237E06 (name), INDEX IDX_F8E892F2567F5183 (film_id), PRIMARY KEY (id)) '
                .'DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`',
        );
        $this->addSql(
            'ALTER TABLE known_design ADD CONSTRAINT FK_F8E892F2567F5183 FOREIGN KEY (film_id) REFERENCES '
                .'film_on_shelf (id)',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE known_design DROP FOREIGN KEY FK_F8E892F2567F5183');
        $this->addSql('DROP TABLE known_design');
    }
}
