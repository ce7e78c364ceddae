<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What came of what was cut, for whom work was timed and whose pace it is, who is put down for what, receipts. */
final class Version20261128000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Outcomes of cuts, paces of people, stations of people, receipts';
    }

    public function up(Schema $schema): void
    {
        $of = 'DEFAULT CHARACTER SET utf8mb4';
        $this->addSql(
            'CREATE TABLE cut_outcome (id INT AUTO_INCREMENT NOT NULL, piece INT NOT NULL, nth INT NOT NULL, batch '
                .'INT DEFAULT NULL, film VARCHAR(12) NOT NULL, film_number INT NOT NULL, use_of VARCHAR(10) NOT '
                .'NULL, face VARCHAR(60) NOT NULL, came_back TINYINT NOT NULL, because VARCHAR(300) NOT NULL, '
                .'minutes DOUBLE PRECISION NOT NULL, smallest DOUBLE PRECISION NOT NULL, area DOUBLE PRECISION NOT '
                .'NULL, at DATETIME NOT NULL, INDEX outcome_back (came_back, at), UNIQUE INDEX '
                ."UNIQ_3E48CE0644CA0B23B5326AA0 (piece, nth), PRIMARY KEY (id)) $of",
        );
        $this->addSql(
            'CREATE TABLE receipt (number INT NOT NULL, paid_by VARCHAR(10) NOT NULL, paid_at DATETIME NOT NULL, '
                ."invoice_id INT NOT NULL, UNIQUE INDEX UNIQ_5399B6452989F1FD (invoice_id), PRIMARY KEY (number)) $of",
        );
        $this->addSql(
            'ALTER TABLE receipt ADD CONSTRAINT FK_5399B6452989F1FD FOREIGN KEY (invoice_id) REFERENCES invoice '
                .'(number)',
        );
        $this->addSql('DROP INDEX IDX_F39531249F39F8B1BF396750 ON learned_pace');
        $this->addSql("ALTER TABLE learned_pace ADD who VARCHAR(80) DEFAULT '' NOT NULL");
        $this->addSql('CREATE INDEX IDX_F39531249F39F8B1DED63AA1BF396750 ON learned_pace (station, who, id)');
        $this->addSql('ALTER TABLE timed_work ADD docket INT DEFAULT NULL');
        $this->addSql('CREATE INDEX IDX_25A40E891B365A98 ON timed_work (docket)');
        $this->addSql('ALTER TABLE worker ADD stations JSON DEFAULT NULL');
        $this->addSql('CREATE INDEX movement_reason ON movement (reason)');
        $this->addSql('CREATE INDEX IDX_B5F762DDED63AA1BAE63262BF396750 ON log_entry (who, what, id)');
        $this->addSql('CREATE INDEX IDX_FBF940DD1B3FE443 ON proof (approved_at)');
        $this->addSql(
            'CREATE TABLE stored_sale (docket INT NOT NULL, mark VARCHAR(32) NOT NULL, figures LONGTEXT NOT NULL, '
                ."PRIMARY KEY (docket)) $of",
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE stored_sale');
        $this->addSql('DROP INDEX IDX_B5F762DDED63AA1BAE63262BF396750 ON log_entry');
        $this->addSql('DROP INDEX IDX_FBF940DD1B3FE443 ON proof');
        $this->addSql('DROP INDEX movement_reason ON movement');
        $this->addSql('ALTER TABLE worker DROP stations');
        $this->addSql('DROP INDEX IDX_25A40E891B365A98 ON timed_work');
        $this->addSql('ALTER TABLE timed_work DROP docket');
        $this->addSql('DROP INDEX IDX_F39531249F39F8B1DED63AA1BF396750 ON learned_pace');
        $this->addSql('ALTER TABLE learned_pace DROP who');
        $this->addSql('CREATE INDEX IDX_F39531249F39F8B1BF396750 ON learned_pace (station, id)');
        $this->addSql('DROP TABLE receipt');
        $this->addSql('DROP TABLE cut_outcome');
    }
}
