<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Outlines are kept once, by their content; proofs and batches name them. Drawings, pieces and the
 * log know numbers of other folders' records only. Tables and columns are called what the code calls them.
 */
final class Version20261127010000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Outlines by content, numbers in the place of foreign keys between folders, names';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE outline (hash CHAR(32) NOT NULL, path MEDIUMTEXT NOT NULL, PRIMARY KEY (hash)) DEFAULT '
                .'CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci`',
        );
        $this->addSql('ALTER TABLE wish DROP FOREIGN KEY FK_D7D174C9D7086615');
        $this->addSql('RENAME TABLE wish TO change_request, setting TO changed_rule');
        $this->addSql('ALTER TABLE change_request RENAME INDEX IDX_D7D174C9D7086615 TO IDX_CB902D36D7086615');
        $this->addSql(
            'ALTER TABLE change_request ADD CONSTRAINT FK_CB902D36D7086615 FOREIGN KEY (proof_id) REFERENCES proof '
                .'(id)',
        );
        $this->addSql('ALTER TABLE batch CHANGE rest remnant VARCHAR(10) DEFAULT NULL');
        $this->addSql('ALTER TABLE brought_art DROP FOREIGN KEY FK_C017B3D01AAF0C24');
        $this->addSql('UPDATE brought_art a JOIN docket d ON d.id = a.docket_id SET a.docket_id = d.number');
        $this->addSql(
            'ALTER TABLE brought_art CHANGE docket_id docket INT NOT NULL, RENAME INDEX IDX_C017B3D01AAF0C24 TO '
                .'IDX_C017B3D01B365A98',
        );
        foreach ([
            'name' => 'VARCHAR(80)',
            'surface' => 'VARCHAR(12)',
            'width' => 'INT',
            'height' => 'INT',
            'corner' => 'INT',
            'measures' => 'JSON',
            'keep_outs' => 'JSON',
            'material' => 'VARCHAR(20)',
        ] as $column => $type) {
            $this->addSql("ALTER TABLE docket CHANGE thing_$column object_$column $type DEFAULT NULL");
        }
        $this->addSql('ALTER TABLE piece DROP FOREIGN KEY FK_44CA0B23F39EBE7A');
    }

    /** One row at a time, and none twice: a migration that was broken off goes on where it was. */
    public function postUp(Schema $schema): void
    {
        foreach ($this->connection->fetchFirstColumn('SELECT id FROM proof') as $id) {
            $this->convertProof((int) $id);
        }
        foreach ($this->connection->fetchAllAssociative('SELECT id, places FROM batch') as $row) {
            $places = array_map($this->place(...), $this->decoded($row['places']));
            $this->connection->update(
                'batch',
                ['places' => json_encode($places, \JSON_THROW_ON_ERROR)],
                ['id' => $row['id']],
            );
        }
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException(
            'What was kept in several places is kept in one now. Put back the backup of before.',
        );
    }

    private function convertProof(int $id): void
    {
        /** @var array<string, mixed> $row */
        $row = $this->connection->fetchAssociative('SELECT * FROM proof WHERE id = ?', [$id]);
        $parts = $this->decoded($row['parts']) ?: [[
            'lines' => $this->decoded($row['words']), 'width' => $row['width'], 'height' => $row['height'], 'left' => $row['art_left'], 'top' => $row['top'],
            'layers' => [['role' => 'top', 'film' => null, 'path' => $row['path']]],
        ]];
        foreach ($parts as $member => $part) {
            foreach ($part['layers'] as $nth => $layer) {
                if (isset($layer['path'])) {
                    $parts[$member]['layers'][$nth] = [
                        'role' => $layer['role'],
                        'film' => $layer['film'],
                        'outline' => $this->keep($layer['path']),
                    ];
                }
            }
        }
        $this->connection->update(
            'proof',
            [
                'parts' => json_encode($parts, \JSON_THROW_ON_ERROR),
                'frozen' => \is_string($row['frozen']) ? $row['frozen'] : '{}',
            ],
            ['id' => $id],
        );
    }

    /**
     * @param array<string, mixed> $place
     *
     * @return array<string, mixed>
     */
    private function place(array $place): array
    {
        if (isset($place['outline'])) {
            return $place;
        }
        if (isset($place['path'])) {
            $place['outline'] = $this->keep($place['path']);
            unset($place['path']);

            return $place;
        }
        /** @var array<string, mixed> $row */
        $row = $this->connection->fetchAssociative(
            'SELECT p.member, p.layer, r.parts, r.frozen FROM piece p JOIN proof r ON r.id = p.proof_id WHERE p.id = ?',
            [$place['piece']],
        );

        return $place + [
            'outline' => $this->decoded($row['parts'])[$row['member']]['layers'][$row['layer']]['outline'],
            'mirrored' => true === ($this->decoded($row['frozen'])['mirrored'] ?? false),
        ];
    }

    private function keep(string $path): string
    {
        $hash = hash('xxh128', $path);
        $this->connection->executeStatement('INSERT IGNORE INTO outline (hash, path) VALUES (?, ?)', [$hash, $path]);

        return $hash;
    }

    /** @return array<mixed> */
    private function decoded(mixed $json): array
    {
        $decoded = \is_string($json) ? json_decode($json, true, 512, \JSON_THROW_ON_ERROR) : [];

        return \is_array($decoded) ? $decoded : [];
    }
}
