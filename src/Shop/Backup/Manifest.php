<?php

declare(strict_types=1);

namespace Yelbo\Shop\Backup;

/** What a backup says of itself: when it was written, by which state of the records' tables, and what it holds. */
final readonly class Manifest
{
    public const FILE = 'manifest.json';
    private const FORMAT = 'yelbo-backup';
    private const VERSION = 1;

    /**
     * @param string           $schema the last migration the tables had seen
     * @param list<TableShare> $tables
     */
    public function __construct(public \DateTimeImmutable $made, public string $schema, public array $tables)
    {
    }

    /** As it lies in the archive. */
    public function toJson(): string
    {
        return json_encode(
            [
                'format' => self::FORMAT,
                'version' => self::VERSION,
                'made' => $this->made->format(\DateTimeInterface::ATOM),
                'schema' => $this->schema,
                'tables' => $this->tables,
            ],
            \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES,
        );
    }

    /** @throws BackupUnusable for what Yelbo did not write, or a newer Yelbo did */
    public static function fromJson(string $json): self
    {
        $given = json_decode($json, true, 6);
        if (!\is_array($given) || self::FORMAT !== ($given['format'] ?? null)) {
            throw new BackupUnusable('It is not a backup that Yelbo wrote. Take another file.');
        }
        if (self::VERSION !== ($given['version'] ?? null)) {
            throw new BackupUnusable('A newer Yelbo wrote it. Update this one first, then put it back.');
        }
        $made = \is_string($given['made'] ?? null)
            ? \DateTimeImmutable::createFromFormat(\DateTimeInterface::ATOM, $given['made'])
            : false;
        if (false === $made || !\is_string($given['schema'] ?? null) || !\is_array($given['tables'] ?? null)) {
            throw new BackupUnusable('Its list of contents cannot be read. Take another file.');
        }

        return new self(
            $made,
            $given['schema'],
            array_map(TableShare::fromManifest(...), array_values($given['tables'])),
        );
    }

    /** How many rows there are in all tables. */
    public function rows(): int
    {
        return array_sum(array_map(static fn (TableShare $table): int => $table->rows, $this->tables));
    }
}
