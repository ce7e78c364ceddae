<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The week: hours, days off, what somebody put somewhere, and the plan as it was found last. */
final class Version20261127200000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Hours of the shop, days off, and the plan of the week';
    }

    public function up(Schema $schema): void
    {
        $of = 'DEFAULT CHARACTER SET utf8mb4';
        $this->addSql(
            'CREATE TABLE day_off (id INT AUTO_INCREMENT NOT NULL, first DATE NOT NULL, last DATE NOT NULL, why '
                .'VARCHAR(80) NOT NULL, who_id INT DEFAULT NULL, INDEX IDX_926C726CF4E25B21 (who_id), PRIMARY KEY '
                ."(id)) $of",
        );
        $this->addSql(
            'CREATE TABLE feed_link (id INT AUTO_INCREMENT NOT NULL, token_hash VARCHAR(64) NOT NULL, made_at '
                .'DATETIME NOT NULL, who_id INT NOT NULL, UNIQUE INDEX UNIQ_B63B72A6B3BC57DA (token_hash), UNIQUE '
                ."INDEX UNIQ_B63B72A6F4E25B21 (who_id), PRIMARY KEY (id)) $of",
        );
        $this->addSql(
            'CREATE TABLE open_hours (id INT AUTO_INCREMENT NOT NULL, day SMALLINT DEFAULT NULL, date DATE DEFAULT '
                ."NULL, opens SMALLINT NOT NULL, closes SMALLINT NOT NULL, PRIMARY KEY (id)) $of",
        );
        $this->addSql(
            'CREATE TABLE order_weight (docket INT NOT NULL, weight DOUBLE PRECISION NOT NULL, PRIMARY KEY (docket)) '
                ."$of",
        );
        $this->addSql(
            'CREATE TABLE step_pin (id INT AUTO_INCREMENT NOT NULL, docket INT NOT NULL, step VARCHAR(30) NOT NULL, '
                .'begins DATETIME NOT NULL, hand_id INT NOT NULL, UNIQUE INDEX UNIQ_279B28111B365A9843B9FE3C '
                ."(docket, step), INDEX IDX_279B2811EDDBB459 (hand_id), PRIMARY KEY (id)) $of",
        );
        $this->addSql(
            'CREATE TABLE stored_week (id SMALLINT NOT NULL, tick VARCHAR(60) NOT NULL, asked VARCHAR(60) NOT NULL, '
                ."plan MEDIUMTEXT DEFAULT NULL, PRIMARY KEY (id)) $of",
        );
        $this->addSql(
            'ALTER TABLE day_off ADD CONSTRAINT FK_926C726CF4E25B21 FOREIGN KEY (who_id) REFERENCES worker (id)',
        );
        $this->addSql(
            'ALTER TABLE feed_link ADD CONSTRAINT FK_B63B72A6F4E25B21 FOREIGN KEY (who_id) REFERENCES worker (id)',
        );
        $this->addSql(
            'ALTER TABLE step_pin ADD CONSTRAINT FK_279B2811EDDBB459 FOREIGN KEY (hand_id) REFERENCES worker (id)',
        );
    }

    public function down(Schema $schema): void
    {
        foreach (['feed_link', 'step_pin', 'day_off', 'order_weight', 'open_hours', 'stored_week'] as $table) {
            $this->addSql("DROP TABLE $table");
        }
    }
}
