<?php

declare(strict_types=1);

namespace Yelbo\Shop\Backup;

/** One table in a backup: what its file in the archive holds. */
final readonly class TableShare
{
    /**
     * @param list<string> $columns in the order of a row's values
     * @param list<string> $binary  those of the columns whose values are written in base 64
     * @param int          $bytes   of the file, unpacked
     * @param string       $sha256  of the file, unpacked, in hexadecimal
     */
    public function __construct(
        public string $name,
        public array $columns,
        public array $binary,
        public int $rows,
        public int $bytes,
        public string $sha256,
    ) {
    }

    /** Its file in the archive: a row a line, each a JSON list of values in the order of the columns. */
    public function file(): string
    {
        return "tables/{$this->name}.ndjson";
    }

    /**
     * @param mixed $given one table's part of a manifest
     *
     * @throws BackupUnusable where it tells of something else than a table
     */
    public static function fromManifest(mixed $given): self
    {
        $given = \is_array($given) ? $given : [];
        $sum = $given['sha256'] ?? null;
        if (!\is_string($sum) || 1 !== preg_match('~^[0-9a-f]{64}$~D', $sum)) {
            throw self::unreadable();
        }

        return new self(
            self::name($given['name'] ?? null),
            self::names($given['columns'] ?? null),
            self::names($given['binary'] ?? null),
            self::count($given['rows'] ?? null),
            self::count($given['bytes'] ?? null),
            $sum,
        );
    }

    /** @return list<string> */
    private static function names(mixed $given): array
    {
        return array_map(self::name(...), \is_array($given) ? array_values($given) : throw self::unreadable());
    }

    /** Names go into statements: nothing but small letters, digits and underscores. */
    private static function name(mixed $given): string
    {
        return \is_string($given) && 1 === preg_match('~^[a-z][a-z0-9_]{0,63}$~D', $given)
            ? $given
            : throw self::unreadable();
    }

    private static function count(mixed $given): int
    {
        return \is_int($given) && $given >= 0 ? $given : throw self::unreadable();
    }

    private static function unreadable(): BackupUnusable
    {
        return new BackupUnusable('Its list of contents cannot be read. Take another file.');
    }
}
