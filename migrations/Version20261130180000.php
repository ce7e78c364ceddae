<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Credit notes: an order may have several invoices, all but one of them taken back; a receipt says what was paid. */
final class Version20261130180000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Credit notes, and amounts of receipts';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE credit_note (number INT NOT NULL, why VARCHAR(200) NOT NULL, made_at DATETIME NOT NULL, '
                .'invoice_id INT NOT NULL, UNIQUE INDEX UNIQ_C87F45292989F1FD (invoice_id), PRIMARY KEY (number)) '
                .'DEFAULT CHARACTER SET utf8mb4',
        );
        $this->addSql(
            'ALTER TABLE credit_note ADD CONSTRAINT FK_C87F45292989F1FD FOREIGN KEY (invoice_id) REFERENCES invoice '
                .'(number)',
        );
        $this->addSql('ALTER TABLE invoice DROP FOREIGN KEY FK_906517441AAF0C24');
        $this->addSql(
            'ALTER TABLE invoice DROP INDEX UNIQ_906517441AAF0C24, ADD INDEX IDX_906517441AAF0C24 (docket_id)',
        );
        $this->addSql(
            'ALTER TABLE invoice ADD CONSTRAINT FK_906517441AAF0C24 FOREIGN KEY (docket_id) REFERENCES docket (id)',
        );
        $this->addSql('ALTER TABLE receipt ADD amount INT DEFAULT 0 NOT NULL');
        $this->addSql('UPDATE receipt r JOIN invoice i ON i.number = r.invoice_id SET r.amount = i.total');
        $this->addSql('ALTER TABLE receipt CHANGE amount amount INT NOT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE receipt DROP amount');
        $this->addSql('ALTER TABLE invoice DROP FOREIGN KEY FK_906517441AAF0C24');
        $this->addSql(
            'ALTER TABLE invoice DROP INDEX IDX_906517441AAF0C24, ADD UNIQUE INDEX UNIQ_906517441AAF0C24 (docket_id)',
        );
        $this->addSql(
            'ALTER TABLE invoice ADD CONSTRAINT FK_906517441AAF0C24 FOREIGN KEY (docket_id) REFERENCES docket (id)',
        );
        $this->addSql('DROP TABLE credit_note');
    }
}
