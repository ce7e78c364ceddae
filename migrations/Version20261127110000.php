<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;
use Yelbo\Shop\Orders\DocketWords;

/** Lists and searches that stay quick with years of orders. */
final class Version20261127110000 extends AbstractMigration
{
    private const AT_ONCE = 200;

    public function getDescription(): string
    {
        return 'Words by which orders are found; indexes for lists';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE docket_word (number INT NOT NULL, word VARCHAR(40) NOT NULL, INDEX docket_by_word (word, '
                .'number), PRIMARY KEY (number, word)) DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci',
        );
        $this->addSql('CREATE INDEX piece_of_docket ON piece (docket_id, state, rests_until)');
        $this->addSql('DROP INDEX IDX_44CA0B231AAF0C24 ON piece');
        $this->addSql('CREATE INDEX stock_on_shelf ON stock_item (film_id, count)');
        $this->addSql('DROP INDEX IDX_6017DDA567F5183 ON stock_item');
    }

    /** What was ordered before is found as well. */
    public function postUp(Schema $schema): void
    {
        $rows = $this->connection->iterateAssociative(
            "SELECT d.number, d.label, d.object_name, COALESCE(c.name, JSON_VALUE(d.answers, '$.customer')) AS customer
            FROM docket d LEFT JOIN customer c ON c.id = d.customer_id",
        );
        $values = [];
        foreach ([...$rows] as $row) {
            $texts = array_map(strval(...), array_values(\array_slice($row, 1)));
            foreach (DocketWords::of(...$texts) as $word) {
                array_push($values, $row['number'], $word);
            }
            if (\count($values) > self::AT_ONCE * 2) {
                $this->keep($values);
                $values = [];
            }
        }
        $this->keep($values);
    }

    public function down(Schema $schema): void
    {
        $this->addSql('CREATE INDEX IDX_44CA0B231AAF0C24 ON piece (docket_id)');
        $this->addSql('DROP INDEX piece_of_docket ON piece');
        $this->addSql('CREATE INDEX IDX_6017DDA567F5183 ON stock_item (film_id)');
        $this->addSql('DROP INDEX stock_on_shelf ON stock_item');
        $this->addSql('DROP TABLE docket_word');
    }

    /** @param list<mixed> $values */
    private function keep(array $values): void
    {
        if ([] !== $values) {
            $this->connection->executeStatement(
                'INSERT IGNORE INTO docket_word (number, word) VALUES '.
                    implode(', ', array_fill(0, intdiv(\count($values), 2), '(?, ?)')),
                $values,
            );
        }
    }
}
