<?php

declare(strict_types=1);

namespace Yelbo\Shop\Backup;

use Doctrine\DBAL\Connection;
use Symfony\Component\Clock\ClockInterface;

/** Writes all records, and the photos and drawings among them, as they stand in one moment into one archive. */
final readonly class BackupWriter
{
    /**
     * What is not carried over: who is signed in, what waits to be done by the workers, which looks at the records
     * anew, and what was answered to whom.
     */
    private const LEFT_OUT = [
        'sessions',
        'messenger_messages',
        // What the simulated post took: the links in it are keys.
        'letter',
        'answered',
        'first_owner',
        'doctrine_migration_versions',
    ];
    private const BINARY = ['tinyblob', 'blob', 'mediumblob', 'longblob', 'binary', 'varbinary'];

    public function __construct(private Connection $database, private ClockInterface $clock)
    {
    }

    /**
     * Writes the archive, reads it again, and only then gives it its name: a file of that name is whole. It can be read
     * by its owner only.
     *
     * @param string|null $passphrase encrypts what it holds (AES-256); the names of the tables stay readable
     *
     * @throws BackupUnusable where there is such a file already, or it cannot be written
     */
    public function write(string $path, #[\SensitiveParameter] ?string $passphrase = null): Manifest
    {
        if (file_exists($path)) {
            throw new BackupUnusable('There is a file of this name already, and it stays as it is. Take another name.');
        }
        $folder = \dirname($path).'/.backup-'.bin2hex(random_bytes(6));
        $mask = umask(0o077);
        try {
            if (!@mkdir($folder)) {
                throw new BackupUnusable(
                    'It cannot be written there. Is there such a folder, and may you write in it?',
                );
            }
            $manifest = $this->collect($folder);
            $this->pack("$folder/whole", $folder, $manifest, $passphrase);
            BackupFile::open("$folder/whole", $passphrase)->verify();
            if (!@link("$folder/whole", $path)) {
                throw new BackupUnusable('It cannot be written there. Is there room, and is the name free?');
            }

            return $manifest;
        } finally {
            umask($mask);
            array_map(unlink(...), glob("$folder/*") ?: []);
            @rmdir($folder);
        }
    }

    /** All tables as they stand in one moment, a file each. */
    private function collect(string $folder): Manifest
    {
        $this->database->executeStatement('SET TRANSACTION ISOLATION LEVEL REPEATABLE READ');
        $this->database->executeStatement('START TRANSACTION WITH CONSISTENT SNAPSHOT');
        try {
            $schema = $this->database->fetchOne('SELECT MAX(version) FROM doctrine_migration_versions');
            $tables = [];
            foreach ($this->columns() as $table => $types) {
                $tables[] = $this->table($folder, $table, $types);
            }
        } finally {
            $this->database->executeStatement('ROLLBACK');
        }

        return new Manifest($this->clock->now(), \is_string($schema) ? $schema : '', $tables);
    }

    /** @return array<string, array<string, string>> for each table its columns with their types */
    private function columns(): array
    {
        $columns = [];
        /** @var list<array{string, string, string}> $found */
        $found = $this->database->fetchAllNumeric(
            'SELECT c.TABLE_NAME, c.COLUMN_NAME, c.DATA_TYPE FROM information_schema.COLUMNS c
            JOIN information_schema.TABLES t USING (TABLE_SCHEMA, TABLE_NAME)
            WHERE c.TABLE_SCHEMA = DATABASE() AND t.TABLE_TYPE = ? ORDER BY c.TABLE_NAME, c.ORDINAL_POSITION',
            ['BASE TABLE'],
        );
        foreach ($found as [$table, $column, $type]) {
            if (!\in_array($table, self::LEFT_OUT, true)) {
                $columns[$table][$column] = $type;
            }
        }

        return $columns;
    }

    /** @param array<string, string> $types */
    private function table(string $folder, string $table, array $types): TableShare
    {
        $binary = array_keys(array_intersect($types, self::BINARY));
        $names = array_keys($types);
        $at = array_map(static fn (string $name): int => (int) array_search($name, $names, true), $binary);
        $file = fopen("$folder/$table", 'x') ?: throw new BackupUnusable('There is no room to write it.');
        $sum = hash_init('sha256');
        $rows = $bytes = 0;
        $select = implode(', ', array_map($this->database->quoteSingleIdentifier(...), $names));
        $from = $this->database->quoteSingleIdentifier($table);
        foreach ($this->rows("SELECT $select FROM $from") as $row) {
            $row = array_map(static fn (mixed $value): ?string => null === $value ? null : (string) $value, $row);
            foreach ($at as $nth) {
                $row[$nth] = null === $row[$nth] ? null : base64_encode($row[$nth]);
            }
            $line = json_encode($row, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE)."\n";
            if (\strlen($line) !== fwrite($file, $line)) {
                throw new BackupUnusable('There is no room to write it.');
            }
            hash_update($sum, $line);
            ++$rows;
            $bytes += \strlen($line);
        }
        fclose($file);

        return new TableShare($table, $names, $binary, $rows, $bytes, hash_final($sum));
    }

    /**
     * Rows as they come from the server, however many they are: none are gathered here first.
     *
     * @return \Generator<int, list<mixed>>
     */
    private function rows(string $select): \Generator
    {
        $native = $this->database->getNativeConnection();
        $native instanceof \PDO && $native->setAttribute(\PDO::MYSQL_ATTR_USE_BUFFERED_QUERY, false);
        try {
            yield from $this->database->executeQuery($select)->iterateNumeric();
        } finally {
            $native instanceof \PDO && $native->setAttribute(\PDO::MYSQL_ATTR_USE_BUFFERED_QUERY, true);
        }
    }

    private function pack(
        string $path,
        string $folder,
        Manifest $manifest,
        #[\SensitiveParameter] ?string $passphrase,
    ): void {
        $archive = new \ZipArchive();
        $archive->open($path, \ZipArchive::CREATE | \ZipArchive::EXCL);
        if (null !== $passphrase) {
            $archive->setPassword($passphrase);
        }
        $archive->addFromString(Manifest::FILE, $manifest->toJson());
        foreach ($manifest->tables as $table) {
            $archive->addFile("$folder/{$table->name}", $table->file());
        }
        if (null !== $passphrase) {
            for ($nth = 0; $nth < $archive->numFiles; ++$nth) {
                $archive->setEncryptionIndex($nth, \ZipArchive::EM_AES_256);
            }
        }
        if (!@$archive->close()) {
            throw new BackupUnusable('There is no room to write it.');
        }
    }
}
