<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What work took, and what was learned from it. */
final class Version20261127230000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Times of bench work, and the paces learned from them';
    }

    public function up(Schema $schema): void
    {
        $of = 'DEFAULT CHARACTER SET utf8mb4';
        $this->addSql(
            'CREATE TABLE timed_work (id INT AUTO_INCREMENT NOT NULL, station VARCHAR(10) NOT NULL, film VARCHAR(12) '
                .'NOT NULL, waste DOUBLE PRECISION NOT NULL, cut DOUBLE PRECISION NOT NULL, small DOUBLE PRECISION '
                .'NOT NULL, area DOUBLE PRECISION NOT NULL, minutes DOUBLE PRECISION NOT NULL, who VARCHAR(80) NOT '
                ."NULL, at DATETIME NOT NULL, INDEX IDX_25A40E899F39F8B1BF396750 (station, id), PRIMARY KEY (id)) $of",
        );
        $this->addSql(
            'CREATE TABLE learned_pace (id INT AUTO_INCREMENT NOT NULL, station VARCHAR(10) NOT NULL, times DOUBLE '
                .'PRECISION NOT NULL, timed INT NOT NULL, mishaps INT NOT NULL, handbook_error DOUBLE PRECISION '
                .'DEFAULT NULL, learned_error DOUBLE PRECISION DEFAULT NULL, made_at DATETIME NOT NULL, INDEX '
                ."IDX_F39531249F39F8B1BF396750 (station, id), PRIMARY KEY (id)) $of",
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE learned_pace');
        $this->addSql('DROP TABLE timed_work');
    }
}
