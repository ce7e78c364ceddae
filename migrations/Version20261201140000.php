<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What became of each letter stands at its link; of those from before that they were sent is all that was known. */
final class Version20261201140000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What became of letters';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'ALTER TABLE proof_link ADD letter_state VARCHAR(10) DEFAULT NULL, ADD letter_tries INT NOT NULL, '
                .'ADD letter_says VARCHAR(300) NOT NULL, ADD letter_tried_at DATETIME DEFAULT NULL, '
                .'ADD letter_next_at DATETIME DEFAULT NULL',
        );
        $this->addSql(
            "UPDATE proof_link SET letter_state = 'sent', letter_tries = 1, letter_tried_at = made_at "
                ."WHERE sent_to <> ''",
        );
        $this->addSql('CREATE INDEX link_by_letter ON proof_link (letter_state)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX link_by_letter ON proof_link');
        $this->addSql(
            'ALTER TABLE proof_link DROP letter_state, DROP letter_tries, DROP letter_says, DROP letter_tried_at, '
                .'DROP letter_next_at',
        );
    }
}
