<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The whole line: orders, proofs, pieces, batches, stock, the book.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE batch (id INT AUTO_INCREMENT NOT NULL, version INT DEFAULT 1 NOT NULL, state VARCHAR(10) '
                .'NOT NULL, job VARCHAR(40) DEFAULT NULL, progress DOUBLE PRECISION NOT NULL, trouble VARCHAR(300) '
                .'DEFAULT NULL, places JSON NOT NULL, length INT NOT NULL, fill DOUBLE PRECISION NOT NULL, '
                .'released_at DATETIME NOT NULL, film_id INT NOT NULL, stock_id INT NOT NULL, INDEX '
                .'IDX_F80B52D4567F5183 (film_id), INDEX IDX_F80B52D4DCD6110 (stock_id), PRIMARY KEY (id)) DEFAULT '
                .'CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`',
        );
        $this->addSql(
            'CREATE TABLE customer (id INT AUTO_INCREMENT NOT NULL, name VARCHAR(120) NOT NULL, contact VARCHAR(200) '
                .'NOT NULL, INDEX IDX_81398E095E237E06 (name), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 '
                .'COLLATE `utf8mb4_unicode_ci`',
        );
        $this->addSql(
            'CREATE TABLE docket (id INT AUTO_INCREMENT NOT NULL, version INT DEFAULT 1 NOT NULL, state VARCHAR(12) '
                .'NOT NULL, words JSON NOT NULL, label VARCHAR(300) NOT NULL, use_of VARCHAR(10) DEFAULT NULL, '
                .'quantity INT NOT NULL, needed_at DATETIME DEFAULT NULL, applied_here TINYINT NOT NULL, note '
                .'LONGTEXT NOT NULL, number INT NOT NULL, answers JSON NOT NULL, begun_at DATETIME NOT NULL, '
                .'thing_name VARCHAR(80) DEFAULT NULL, thing_surface VARCHAR(12) DEFAULT NULL, thing_width INT '
                .'DEFAULT NULL, thing_height INT DEFAULT NULL, thing_corner INT DEFAULT NULL, design_face '
                .'VARCHAR(40) DEFAULT NULL, design_cap_height INT DEFAULT NULL, design_left_edge INT DEFAULT NULL, design_top INT DEFAULT NULL, customer_id INT DEFAULT NULL, film_id INT DEFAULT NULL, UNIQUE INDEX UNIQ_1B365A9896901F54 (number), INDEX IDX_1B365A98A393D2FB (state), INDEX IDX_1B365A989395C3F3 (customer_id), INDEX IDX_1B365A98567F5183 (film_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`',
        );
        $this->addSql(
            'CREATE TABLE film_on_shelf (id INT AUTO_INCREMENT NOT NULL, grade VARCHAR(20) NOT NULL, colour '
                .'VARCHAR(40) NOT NULL, swatch VARCHAR(7) NOT NULL, PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 '
                .'COLLATE `utf8mb4_unicode_ci`',
        );
        $this->addSql(
            'CREATE TABLE log_entry (id BIGINT AUTO_INCREMENT NOT NULL, at DATETIME NOT NULL, who VARCHAR(80) NOT '
                .'NULL, docket INT DEFAULT NULL, piece INT DEFAULT NULL, what VARCHAR(40) NOT NULL, says '
                .'VARCHAR(500) NOT NULL, INDEX IDX_B5F762D1B365A98BF396750 (docket, id), PRIMARY KEY (id)) DEFAULT '
                .'CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`',
        );
        $this->addSql(
            'CREATE TABLE piece (id INT AUTO_INCREMENT NOT NULL, version INT DEFAULT 1 NOT NULL, state VARCHAR(12) '
                .'NOT NULL, recuts INT NOT NULL, spoiled_because VARCHAR(300) DEFAULT NULL, parts_out JSON NOT NULL, '
                .'steps_done JSON NOT NULL, rests_until DATETIME DEFAULT NULL, tracking VARCHAR(80) DEFAULT NULL, '
                .'since DATETIME NOT NULL, nth INT NOT NULL, batch_id INT DEFAULT NULL, docket_id INT NOT NULL, '
                .'proof_id INT NOT NULL, INDEX IDX_44CA0B23A393D2FB (state), UNIQUE INDEX '
                .'UNIQ_44CA0B231AAF0C24B5326AA0 (docket_id, nth), INDEX IDX_44CA0B23F39EBE7A (batch_id), INDEX '
                .'IDX_44CA0B231AAF0C24 (docket_id), INDEX IDX_44CA0B23D7086615 (proof_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`',
        );
        $this->addSql(
            'CREATE TABLE proof (id INT AUTO_INCREMENT NOT NULL, approved_at DATETIME DEFAULT NULL, approved_by '
                .'VARCHAR(80) DEFAULT NULL, nth INT NOT NULL, made_at DATETIME NOT NULL, words JSON NOT NULL, face '
                .'VARCHAR(40) NOT NULL, cap_height INT NOT NULL, width INT NOT NULL, height INT NOT NULL, art_left '
                .'INT NOT NULL, top INT NOT NULL, path MEDIUMTEXT NOT NULL, docket_id INT NOT NULL, INDEX '
                .'IDX_FBF940DD1AAF0C24 (docket_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE '
                .'`utf8mb4_unicode_ci`',
        );
        $this->addSql(
            'CREATE TABLE setting (rule VARCHAR(40) NOT NULL, value DOUBLE PRECISION NOT NULL, PRIMARY KEY (rule)) '
                .'DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`',
        );
        $this->addSql(
            'CREATE TABLE stock_item (id INT AUTO_INCREMENT NOT NULL, version INT DEFAULT 1 NOT NULL, kind '
                .'VARCHAR(10) NOT NULL, width INT NOT NULL, height INT NOT NULL, count INT NOT NULL, bin VARCHAR(20) '
                .'NOT NULL, outline LONGTEXT DEFAULT NULL, film_id INT NOT NULL, INDEX IDX_6017DDA567F5183 '
                .'(film_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`',
        );
        $this->addSql(
            'CREATE TABLE worker (id INT AUTO_INCREMENT NOT NULL, password VARCHAR(255) NOT NULL, sign_in '
                .'VARCHAR(60) NOT NULL, name VARCHAR(80) NOT NULL, role VARCHAR(10) NOT NULL, UNIQUE INDEX '
                .'UNIQ_9FB2BF62E629950B (sign_in), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE '
                .'`utf8mb4_unicode_ci`',
        );
        $this->addSql(
            'ALTER TABLE batch ADD CONSTRAINT FK_F80B52D4567F5183 FOREIGN KEY (film_id) REFERENCES film_on_shelf (id)',
        );
        $this->addSql(
            'ALTER TABLE batch ADD CONSTRAINT FK_F80B52D4DCD6110 FOREIGN KEY (stock_id) REFERENCES stock_item (id)',
        );
        $this->addSql(
            'ALTER TABLE docket ADD CONSTRAINT FK_1B365A989395C3F3 FOREIGN KEY (customer_id) REFERENCES customer (id)',
        );
        $this->addSql(
            'ALTER TABLE docket ADD CONSTRAINT FK_1B365A98567F5183 FOREIGN KEY (film_id) REFERENCES film_on_shelf (id)',
        );
        $this->addSql(
            'ALTER TABLE piece ADD CONSTRAINT FK_44CA0B23F39EBE7A FOREIGN KEY (batch_id) REFERENCES batch (id)',
        );
        $this->addSql(
            'ALTER TABLE piece ADD CONSTRAINT FK_44CA0B231AAF0C24 FOREIGN KEY (docket_id) REFERENCES docket (id)',
        );
        $this->addSql(
            'ALTER TABLE piece ADD CONSTRAINT FK_44CA0B23D7086615 FOREIGN KEY (proof_id) REFERENCES proof (id)',
        );
        $this->addSql(
            'ALTER TABLE proof ADD CONSTRAINT FK_FBF940DD1AAF0C24 FOREIGN KEY (docket_id) REFERENCES docket (id)',
        );
        $this->addSql(
            'ALTER TABLE stock_item ADD CONSTRAINT FK_6017DDA567F5183 FOREIGN KEY (film_id) REFERENCES film_on_shelf '
                .'(id)',
        );
        $this->addSql(
            'CREATE TABLE sessions (sess_id VARBINARY(128) NOT NULL PRIMARY KEY, sess_data MEDIUMBLOB NOT NULL, '
                .'sess_lifetime INT UNSIGNED NOT NULL, sess_time INT UNSIGNED NOT NULL, INDEX sess_lifetime_idx '
                .'(sess_lifetime)) COLLATE utf8mb4_bin, ENGINE = InnoDB',
        );
        $this->addSql(
            'CREATE TABLE messenger_messages (id BIGINT AUTO_INCREMENT NOT NULL, body LONGTEXT NOT NULL, headers '
                .'LONGTEXT NOT NULL, queue_name VARCHAR(190) NOT NULL, created_at DATETIME NOT NULL, available_at '
                .'DATETIME NOT NULL, delivered_at DATETIME DEFAULT NULL, INDEX messages_waiting (queue_name, '
                .'available_at, delivered_at, id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE '
                .'`utf8mb4_unicode_ci`',
        );
        foreach (['UPDATE', 'DELETE'] as $event) {
            $this->addSql(
                'CREATE TRIGGER log_entry_no_'.strtolower($event)." BEFORE $event ON log_entry FOR EACH ROW SIGNAL "
                    ."SQLSTATE '45000' SET MESSAGE_TEXT = 'The book is append-only.'",
            );
        }
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('There is no shop before this.');
    }
}
