<?php

declare(strict_types=1);

namespace Yelbo\Shop\Backup;

use Doctrine\DBAL\Connection;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Process\Process;

/**
 * Loads a backup into a schema of its own beside the shop's, which nobody uses yet. What the shop works with is not
 * touched: whoever wants the loaded one moves the shop over to it.
 */
final readonly class BackupLoader
{
    private const ROWS = 250;
    /** Bytes of a statement, about; the server takes four times as much. */
    private const BYTES = 4_000_000;
    private const SECONDS = 600;

    public function __construct(
        private Connection $database,
        #[Autowire('%kernel.project_dir%')] private string $root,
        #[Autowire('%env(DATABASE_URL)%')] private string $url,
    ) {
    }

    /**
     * Checks a backup, loads it, checks what was loaded and brings its tables up to date.
     *
     * @param string $scratch the schema to load into; there may be none of this name
     *
     * @throws BackupUnusable where anything is not as it should be; then the schema is gone again
     */
    public function load(BackupFile $backup, string $scratch): void
    {
        $known = array_map(
            static fn (string $file): string => 'Yelbo\Migrations\\'.basename($file, '.php'),
            glob("{$this->root}/migrations/Version*.php") ?: [],
        );
        if (!\in_array($backup->manifest->schema, $known, true)) {
            throw new BackupUnusable('A newer Yelbo wrote it. Update this one first, then put it back.');
        }
        $backup->verify();
        $shop = $this->name((string) $this->database->getDatabase());
        $scratch = $this->name($scratch);
        $this->database->executeStatement("CREATE DATABASE $scratch CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci");
        try {
            $this->migrate($scratch, $backup->manifest->schema);
            $this->database->executeStatement("USE $scratch");
            $this->fill($backup);
            $this->checkCounts($backup);
            $this->checkForeignKeys();
            $this->migrate($scratch, 'latest');
        } catch (\Throwable $fault) {
            $this->database->executeStatement("DROP DATABASE $scratch");
            throw $fault;
        } finally {
            $this->database->executeStatement("USE $shop");
        }
    }

    private function fill(BackupFile $backup): void
    {
        $this->database->executeStatement('SET FOREIGN_KEY_CHECKS = 0');
        try {
            foreach ($backup->manifest->tables as $table) {
                $this->refuseForeign($table);
                // What the migrations themselves wrote stands in the backup too.
                $this->database->executeStatement('TRUNCATE TABLE '.$this->name($table->name));
                $this->insert($table, $backup->rows($table));
            }
        } finally {
            $this->database->executeStatement('SET FOREIGN_KEY_CHECKS = 1');
        }
    }

    private function refuseForeign(TableShare $table): void
    {
        $columns = $this->database->fetchFirstColumn(
            'SELECT COLUMN_NAME FROM information_schema.COLUMNS WHERE TABLE_SCHEMA = DATABASE() AND TABLE_NAME = ?',
            [$table->name],
        );
        if ([] === $table->columns || [] !== array_diff($table->columns, $columns)) {
            throw new BackupUnusable("It holds “{$table->name}”, which is not a table of Yelbo’s. Take another file.");
        }
    }

    /** @param iterable<list<string|null>> $rows */
    private function insert(TableShare $table, iterable $rows): void
    {
        $into = 'INSERT INTO '.$this->name($table->name).' ('.implode(', ', array_map(
            $this->name(...),
            $table->columns,
        )).') VALUES ';
        $one = '('.implode(', ', array_fill(0, \count($table->columns), '?')).')';
        foreach (self::portions($rows) as $portion) {
            $this->database->executeStatement(
                $into.implode(', ', array_fill(0, \count($portion), $one)),
                array_merge(...$portion),
            );
        }
    }

    /**
     * @param iterable<list<string|null>> $rows
     *
     * @return \Generator<int, non-empty-list<list<string|null>>> as many as one statement takes
     */
    private static function portions(iterable $rows): \Generator
    {
        $portion = [];
        $bytes = 0;
        foreach ($rows as $row) {
            $portion[] = $row;
            $bytes += array_sum(array_map(static fn (?string $value): int => \strlen($value ?? ''), $row));
            if (\count($portion) >= self::ROWS || $bytes >= self::BYTES) {
                yield $portion;
                $portion = [];
                $bytes = 0;
            }
        }
        if ([] !== $portion) {
            yield $portion;
        }
    }

    private function checkCounts(BackupFile $backup): void
    {
        foreach ($backup->manifest->tables as $table) {
            $count = $this->database->fetchOne('SELECT COUNT(*) FROM '.$this->name($table->name));
            if ((int) (is_numeric($count) ? $count : -1) !== $table->rows) {
                throw new BackupUnusable("Of “{$table->name}” not every row arrived. Nothing was changed; try again.");
            }
        }
    }

    private function checkForeignKeys(): void
    {
        /** @var list<array{string, string, string, string}> $keys */
        $keys = $this->database->fetchAllNumeric(
            'SELECT TABLE_NAME, COLUMN_NAME, REFERENCED_TABLE_NAME, REFERENCED_COLUMN_NAME
            FROM information_schema.KEY_COLUMN_USAGE
            WHERE TABLE_SCHEMA = DATABASE() AND REFERENCED_TABLE_NAME IS NOT NULL',
        );
        foreach ($keys as [$child, $column, $parent, $key]) {
            $lost = $this->database->fetchOne(
                \sprintf(
                    'SELECT 1 FROM %1$s c LEFT JOIN %3$s p ON p.%4$s = c.%2$s WHERE c.%2$s IS NOT NULL AND p.%4$s IS '
                        .'NULL LIMIT 1',
                    ...array_map($this->name(...), [$child, $column, $parent, $key]),
                ),
            );
            if (false !== $lost) {
                throw new BackupUnusable(
                    "A row of “{$child}” belongs to one of “{$parent}” that is not there. Take another file.",
                );
            }
        }
    }

    /** @param string $to a migration's name, or `latest` */
    private function migrate(string $scratch, string $to): void
    {
        $path = '/'.trim($scratch, '`');
        $url = (string) preg_replace('~^([^/]+//[^/]+)/[^?]*~', '$1'.$path, $this->url);
        $migrate = new Process(
            [
                \PHP_BINARY,
                'bin/console',
                'doctrine:migrations:migrate',
                $to,
                '--no-interaction',
                '--allow-no-migration',
            ],
            $this->root,
            ['DATABASE_URL' => $url],
            timeout: self::SECONDS,
        );
        if (0 !== $migrate->run()) {
            throw new BackupUnusable('Its tables could not be brought up to date: '.trim($migrate->getErrorOutput()));
        }
    }

    private function name(string $identifier): string
    {
        return $this->database->quoteSingleIdentifier($identifier);
    }
}
