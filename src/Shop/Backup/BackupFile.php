<?php

declare(strict_types=1);

namespace Yelbo\Shop\Backup;

/** A backup as it lies on the disk: a ZIP archive with a manifest and a file for each table, read a row at a time. */
final readonly class BackupFile
{
    private const LONGEST_MANIFEST = 1_000_000;
    /** Bytes: no record takes more in one go. */
    private const LONGEST_ROW = 64 * 1024 * 1024;
    /**
     * Records are packed to a tenth or a fiftieth; what is this many times as large unpacked holds nothing but one
     * thing.
     */
    private const MOST_PACKED = 500;
    /** Bytes, unpacked: less harms nobody. */
    private const HARMLESS = 20_000_000;
    /** An old backup begins so: SQL, packed. */
    private const GZIP = "\x1f\x8b";

    private function __construct(private \ZipArchive $archive, public Manifest $manifest)
    {
    }

    /**
     * Opens a backup and reads what it says it holds; `verify` tells whether it does.
     *
     * @param string|null $passphrase for one that was written with one
     *
     * @throws BackupUnusable
     */
    public static function open(string $path, #[\SensitiveParameter] ?string $passphrase = null): self
    {
        if (!is_file($path) || !is_readable($path)) {
            throw new BackupUnusable('There is no such file, or it may not be read.');
        }
        if (self::GZIP === (string) file_get_contents($path, length: \strlen(self::GZIP))) {
            throw new BackupUnusable(
                'It is packed SQL, which backups were before they were archives. Put it back with the Yelbo that '
                    .'wrote it, update that one, and write a new backup.',
            );
        }
        $archive = new \ZipArchive();
        if (true !== $archive->open($path, \ZipArchive::RDONLY | \ZipArchive::CHECKCONS)) {
            throw new BackupUnusable('It is not a backup, or it is broken. Take another file.');
        }
        $about = $archive->statName(Manifest::FILE);
        if (false === $about || $about['size'] > self::LONGEST_MANIFEST) {
            throw new BackupUnusable('It is not a backup that Yelbo wrote. Take another file.');
        }
        if (\ZipArchive::EM_NONE !== $about['encryption_method']) {
            if (null === $passphrase) {
                throw new BackupUnusable('It is encrypted. Give the passphrase it was written with.');
            }
            $archive->setPassword($passphrase);
        }
        $json = $archive->getFromName(Manifest::FILE);
        if (false === $json) {
            throw new BackupUnusable(
                null === $passphrase
                    ? 'It is broken: its list of contents cannot be read. Take another file.'
                    : 'The passphrase is not the one it was written with, or it is broken.',
            );
        }

        return new self($archive, Manifest::fromJson($json));
    }

    /**
     * Reads everything once: nothing may be missing, changed or added.
     *
     * @throws BackupUnusable
     */
    public function verify(): void
    {
        if (\count($this->manifest->tables) + 1 !== $this->archive->count()) {
            throw new BackupUnusable('It holds something else than it says. Take another file.');
        }
        foreach ($this->manifest->tables as $table) {
            foreach ($this->rows($table) as $row) {
                if (\count($row) !== \count($table->columns)) {
                    throw self::broken($table);
                }
            }
        }
    }

    /**
     * The rows of a table, checked against the manifest when all were read.
     *
     * @return \Generator<int, list<string|null>> the values in the order of the columns
     *
     * @throws BackupUnusable
     */
    public function rows(TableShare $table): \Generator
    {
        $about = $this->archive->statName($table->file());
        $isWhole = false !== $about && $about['size'] === $table->bytes;
        if (false !== $about && $about['size'] > max(self::HARMLESS, self::MOST_PACKED * $about['comp_size'])) {
            throw new BackupUnusable(
                "It is no backup that Yelbo wrote: “{$table->name}” would grow to ".
                    number_format($about['size'] / 1e6, 0, '.', ' ').
                    ' MB of next to nothing. Take another file.',
            );
        }
        $stream = $isWhole ? $this->archive->getStream($table->file()) : false;
        if (false === $stream) {
            throw self::broken($table);
        }
        $sum = hash_init('sha256');
        $rows = 0;
        while (false !== ($line = fgets($stream, self::LONGEST_ROW))) {
            if (\strlen($line) >= self::LONGEST_ROW - 1) {
                throw self::broken($table);
            }
            hash_update($sum, $line);
            ++$rows;
            yield self::row($line, $table);
        }
        fclose($stream);
        if ($rows !== $table->rows || hash_final($sum) !== $table->sha256) {
            throw self::broken($table);
        }
    }

    /** @return list<string|null> */
    private static function row(string $line, TableShare $table): array
    {
        $given = json_decode($line, true, 2);
        if (!\is_array($given) || !array_is_list($given)) {
            throw self::broken($table);
        }
        $row = [];
        foreach ($given as $nth => $value) {
            if (null !== $value && !\is_string($value)) {
                throw self::broken($table);
            }
            if (null !== $value && \in_array($table->columns[$nth] ?? '', $table->binary, true)) {
                $value = base64_decode($value, true);
                if (false === $value) {
                    throw self::broken($table);
                }
            }
            $row[] = $value;
        }

        return $row;
    }

    private static function broken(TableShare $table): BackupUnusable
    {
        return new BackupUnusable("It is broken: “{$table->name}” is not as it was written. Take another file.");
    }
}
