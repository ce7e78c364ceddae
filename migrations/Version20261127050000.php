<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What the cutter is to do is on record before it does it; what went wrong is told apart from film that is lost. */
final class Version20261127050000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'A cut happens once: when it was given to the cutter, whether it began, whether the film is lost';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'ALTER TABLE batch ADD started_at DATETIME DEFAULT NULL, ADD begun TINYINT NOT NULL DEFAULT 0, ADD '
                .'ruined TINYINT NOT NULL DEFAULT 0, ADD INDEX batch_by_state (state)',
        );
        $this->addSql("UPDATE batch SET begun = 1 WHERE state IN ('cutting', 'cut')");
        $this->addSql("UPDATE batch SET ruined = 1 WHERE state = 'released' AND trouble IS NOT NULL");
        $this->addSql('ALTER TABLE batch ALTER begun DROP DEFAULT, ALTER ruined DROP DEFAULT');
        // Who may change tables is another user than before: what only that one may do is made anew in the new one's
        // name.
        foreach ([
            'log_entry' => 'The book is append-only.',
            'movement' => 'Movements are only added to.',
        ] as $table => $says) {
            foreach (['update', 'delete'] as $event) {
                $this->addSql("DROP TRIGGER IF EXISTS {$table}_no_{$event}");
                $this->addSql(
                    "CREATE TRIGGER {$table}_no_{$event} BEFORE {$event} ON {$table} FOR EACH ROW SIGNAL SQLSTATE "
                        ."'45000' SET MESSAGE_TEXT = '{$says}'",
                );
            }
        }
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE batch DROP INDEX batch_by_state, DROP started_at, DROP begun, DROP ruined');
    }
}
