<?php

declare(strict_types=1);

namespace Yelbo\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The answers of an item are one record: what was changed at Size is in them, and what they were before beside it. */
final class Version20261201040000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Answers with what they were before';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE item ADD answers_before JSON DEFAULT NULL');
        $rows = $this->connection->fetchAllAssociative(
            'SELECT id, answers, words, roster, film_id, design_art, design_motif FROM item',
        );
        foreach ($rows as $row) {
            $answers = self::read($row['answers']);
            $now = self::different($answers, $row);
            if ([] === $now) {
                continue;
            }
            $this->addSql('UPDATE item SET answers = ?, answers_before = ? WHERE id = ?', [
                json_encode($now + $answers, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE),
                json_encode(
                    [['at' => 'size', 'was' => array_intersect_key($answers, $now)]],
                    \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE,
                ),
                $row['id'],
            ]);
        }
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE item DROP answers_before');
    }

    /**
     * What is drawn otherwise than it was asked.
     *
     * @param array<mixed>         $answers
     * @param array<string, mixed> $row
     *
     * @return array<string, string>
     */
    private static function different(array $answers, array $row): array
    {
        $typed = static fn (string $field): string => \is_string($answers[$field] ?? null) ? $answers[$field] : '';
        [$words, $roster] = [self::read($row['words']), self::read($row['roster'])];
        $motif = self::read($row['design_motif']);
        $now = match (true) {
            [] !== $roster => ['roster' => implode("\n", array_map(
                static fn (mixed $lines): string => \is_array($lines) ? implode(' | ', $lines) : '',
                $roster,
            ))],
            [] !== $words => ['words' => implode("\n", $words)],
            [] !== $motif || null !== $row['design_art'] => [
                'words' => '',
                'motif' => \is_string($motif['what'] ?? null) && '' !== $motif['what'] ? $motif['what'] : 'drawing',
            ],
            default => [],
        };
        if (null !== $row['film_id']) {
            $now['film'] = is_numeric($row['film_id']) ? (string) $row['film_id'] : '';
        }

        return array_filter(
            $now,
            static fn (string $value, string $field): bool => self::plain($field, $value) !== self::plain($field, $typed($field)),
            \ARRAY_FILTER_USE_BOTH,
        );
    }

    /** @return list<string> what counts of it: its lines, and the parts of each */
    private static function plain(string $field, string $typed): array
    {
        $lines = array_map(
            static fn (string $line): string => 'roster' === $field
                ? implode('|', array_filter(
                    array_map(trim(...), explode('|', $line)),
                    static fn (string $part): bool => '' !== $part,
                ))
                : trim($line),
            preg_split('~\R~u', $typed) ?: [],
        );

        return array_values(array_filter($lines, static fn (string $line): bool => '' !== $line));
    }

    /** @return array<mixed> */
    private static function read(mixed $json): array
    {
        $read = \is_string($json) ? json_decode($json, true) : null;

        return \is_array($read) ? $read : [];
    }
}
