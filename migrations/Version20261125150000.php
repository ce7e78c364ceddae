<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Proofs that say all they said, links to them without signing in, and the simulated post. */
final class Version20261125150000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Frozen proofs, links, wishes, letters; prices, and stops the owner lets pass';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE docket ADD price INT DEFAULT NULL, ADD overruled JSON DEFAULT NULL');
        $this->addSql('ALTER TABLE proof ADD frozen JSON DEFAULT NULL');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_44CA0B23D7086615B5326AA0E4DB211A ON piece (proof_id, nth, layer)');
        $this->addSql('DROP INDEX UNIQ_44CA0B231AAF0C24B5326AA0E4DB211A ON piece');
        $this->addSql(
            'CREATE TABLE proof_link (id INT AUTO_INCREMENT NOT NULL, proof_id INT NOT NULL, token_hash VARCHAR(64) '
                .'NOT NULL, made_at DATETIME NOT NULL, expires_at DATETIME NOT NULL, withdrawn_at DATETIME DEFAULT '
                .'NULL, opened_at DATETIME DEFAULT NULL, sent_to VARCHAR(200) NOT NULL, UNIQUE INDEX '
                .'UNIQ_CCA57A16B3BC57DA (token_hash), INDEX IDX_CCA57A16D7086615 (proof_id), PRIMARY KEY (id)) '
                .'DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`',
        );
        $this->addSql(
            'ALTER TABLE proof_link ADD CONSTRAINT FK_CCA57A16D7086615 FOREIGN KEY (proof_id) REFERENCES proof (id)',
        );
        $this->addSql(
            'CREATE TABLE wish (id INT AUTO_INCREMENT NOT NULL, proof_id INT NOT NULL, said_by VARCHAR(80) NOT NULL, '
                .'note VARCHAR(1000) NOT NULL, spot_x INT DEFAULT NULL, spot_y INT DEFAULT NULL, said_at DATETIME '
                .'NOT NULL, INDEX IDX_D7D174C9D7086615 (proof_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 '
                .'COLLATE `utf8mb4_unicode_ci`',
        );
        $this->addSql(
            'ALTER TABLE wish ADD CONSTRAINT FK_D7D174C9D7086615 FOREIGN KEY (proof_id) REFERENCES proof (id)',
        );
        $this->addSql('ALTER TABLE docket ADD design_art JSON DEFAULT NULL');
        $this->addSql(
            'CREATE TABLE brought_art (id INT AUTO_INCREMENT NOT NULL, layers JSON NOT NULL, notes JSON NOT NULL, '
                .'sized TINYINT(1) NOT NULL, name VARCHAR(120) NOT NULL, file MEDIUMTEXT NOT NULL, brought_at '
                .'DATETIME NOT NULL, docket_id INT NOT NULL, INDEX IDX_C017B3D01AAF0C24 (docket_id), PRIMARY KEY '
                .'(id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`',
        );
        $this->addSql(
            'ALTER TABLE brought_art ADD CONSTRAINT FK_C017B3D01AAF0C24 FOREIGN KEY (docket_id) REFERENCES docket (id)',
        );
        $this->addSql(
            'CREATE TABLE letter (id INT AUTO_INCREMENT NOT NULL, taken_at DATETIME NOT NULL, sender VARCHAR(200) '
                .'NOT NULL, receiver VARCHAR(200) NOT NULL, subject VARCHAR(300) NOT NULL, body LONGTEXT NOT NULL, '
                .'PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`',
        );
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('Links and what was said by them cannot be given up.');
    }
}
