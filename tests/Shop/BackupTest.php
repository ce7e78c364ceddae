<?php

declare(strict_types=1);

namespace Yelbo\Tests\Shop;

use DAMA\DoctrineTestBundle\PHPUnit\SkipDatabaseRollback;
use Doctrine\DBAL\Connection;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Clock\MockClock;
use Yelbo\Shop\Backup\BackupFile;
use Yelbo\Shop\Backup\BackupLoader;
use Yelbo\Shop\Backup\BackupUnusable;
use Yelbo\Shop\Backup\BackupWriter;
use Yelbo\Shop\Backup\KeptBackups;
use Yelbo\Shop\Backup\Manifest;
use Yelbo\Shop\Backup\NightlyBackup;
use Yelbo\Shop\Objects\Photo;

/**
 * A backup holds everything, and a file that is not one changes nothing. Both look at what is stored: nothing is rolled
 * back.
 */
#[SkipDatabaseRollback]
final class BackupTest extends ShopTestCase
{
    private const SCRATCH = 'yelbo_scratch';

    private string $folder = '';
    private Connection $database;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/yelbo-backup-'.bin2hex(random_bytes(4));
        mkdir($this->folder, 0o700);
        $this->database = $this->records->getConnection();
    }

    protected function tearDown(): void
    {
        $this->database->executeStatement('DROP DATABASE IF EXISTS '.self::SCRATCH);
        $this->database->executeStatement('SET FOREIGN_KEY_CHECKS = 0');
        foreach (array_keys($this->sums($this->schema())) as $table) {
            $this->database->executeStatement("TRUNCATE TABLE `$table`");
        }
        $this->database->executeStatement('SET FOREIGN_KEY_CHECKS = 1');
        exec('rm -rf '.escapeshellarg($this->folder));
        parent::tearDown();
    }

    /** The one these tests work in. */
    private function schema(): string
    {
        return $this->database->getDatabase() ?? '';
    }

    /** @return array<string, string> a sum over each table's rows */
    private function sums(string $schema): array
    {
        $sums = [];
        foreach ($this->database->fetchFirstColumn("SHOW TABLES FROM $schema") as $table) {
            if (!\in_array(
                $table,
                ['sessions', 'messenger_messages', 'answered', 'first_owner', 'doctrine_migration_versions'],
                true,
            )) {
                $row = $this->database->fetchNumeric("CHECKSUM TABLE $schema.`$table`");
                $count = $this->database->fetchOne("SELECT COUNT(*) FROM $schema.`$table`");
                $sums[(string) $table] = json_encode([$row[1] ?? null, $count], \JSON_THROW_ON_ERROR);
            }
        }

        return $sums;
    }

    private function written(?string $passphrase = null): string
    {
        $path = "{$this->folder}/backup.zip";
        $this->get(BackupWriter::class)->write($path, $passphrase);

        return $path;
    }

    private function load(string $path, ?string $passphrase = null): void
    {
        $this->get(BackupLoader::class)->load(BackupFile::open($path, $passphrase), self::SCRATCH);
    }

    private function fill(): void
    {
        $this->cut('Kestrel “Zoë”');
        $this->taken('Merlin');
        $this->records->persist(new Photo('a-photo', str_repeat("\x00\xff\n\"'\\", 50_000), $this->clock->now()));
        $this->records->flush();
    }

    public function testEverythingComesBackAsItWas(): void
    {
        $this->fill();
        $path = $this->written();
        self::assertSame(0o600, fileperms($path) & 0o777);
        $this->load($path);
        $there = $this->sums($this->schema());
        self::assertSame($there, $this->sums(self::SCRATCH));
        self::assertGreaterThan(
            10,
            \count(array_filter($there, static fn (string $sum): bool => !str_ends_with($sum, ',0]'))),
        );
    }

    public function testWithAPassphraseItIsReadWithThatOneOnly(): void
    {
        $this->fill();
        $path = $this->written('a lantern on the towpath');
        self::assertStringNotContainsString('Osric', (string) file_get_contents($path));
        $this->load($path, 'a lantern on the towpath');
        self::assertSame($this->sums($this->schema()), $this->sums(self::SCRATCH));
    }

    public function testAFileThatIsThereIsNeverWrittenOver(): void
    {
        $path = $this->written();
        $before = hash_file('sha256', $path);
        try {
            $this->written();
            self::fail();
        } catch (BackupUnusable $unusable) {
            self::assertStringContainsString('stays as it is', $unusable->getMessage());
        }
        self::assertSame($before, hash_file('sha256', $path));
        self::assertSame([$path], glob("{$this->folder}/{,.}*[!.]", \GLOB_BRACE), 'nothing half done is left');
    }

    public function testAFolderThatIsNotThereIsSaid(): void
    {
        $this->expectExceptionObject(
            new BackupUnusable('It cannot be written there. Is there such a folder, and may you write in it?'),
        );
        $this->get(BackupWriter::class)->write('/proc/nowhere/backup.zip');
    }

    /** @return iterable<string, array{\Closure(string, self): mixed, string, 2?: string}> */
    public static function badFiles(): iterable
    {
        yield 'nothing' => [static fn (string $file, self $test) => unlink($file), 'no such file'];
        yield 'an empty file' => [static fn (string $file, self $test) => file_put_contents($file, ''), 'not a backup'];
        yield 'text' => [static fn (string $file, self $test) => file_put_contents($file, "x\n"), 'not a backup'];
        yield 'packed text' => [
            static fn (string $file, self $test) => file_put_contents($file, gzencode("x\n")),
            'packed SQL',
        ];
        yield 'packed SQL' => [
            static fn (string $file, self $test) => file_put_contents($file, gzencode("select 1;\n\\! id\n")),
            'packed SQL',
        ];
        yield 'half a file' => [
            static fn (string $file, self $test) => file_put_contents(
                $file,
                substr((string) file_get_contents($file), 0, -2000),
            ),
            'broken',
        ];
        yield 'another archive' => [
            static fn (string $file, self $test) => $test->change($file, [], ['holiday.txt' => 'x'], [Manifest::FILE]),
            'not a backup that Yelbo wrote',
        ];
        yield 'another program’s list' => [
            static fn (string $file, self $test) => $test->change($file, ['format' => 'other']),
            'not a backup that Yelbo wrote',
        ];
        yield 'a newer form' => [
            static fn (string $file, self $test) => $test->change($file, ['version' => 2]),
            'newer Yelbo',
        ];
        yield 'newer tables' => [
            static fn (string $file, self $test) => $test->change(
                $file,
                ['schema' => 'Yelbo\Migrations\Version29990101000000'],
            ),
            'newer Yelbo',
        ];
        yield 'a table that was changed' => [
            static fn (string $file, self $test) => $test->change($file, [], ['tables/worker.ndjson' => "[]\n"]),
            'broken: “worker”',
        ];
        yield 'a table that is not there' => [
            static fn (string $file, self $test) => $test->change($file, [], [], ['tables/worker.ndjson']),
            'something else than it says',
        ];
        yield 'a file too many' => [
            static fn (string $file, self $test) => $test->change($file, [], ['tables/more.ndjson' => '']),
            'something else than it says',
        ];
        yield 'statements for names' => [
            static fn (string $file, self $test) => $test->table(
                $file,
                'worker',
                ['name' => 'worker`; DROP TABLE docket; --'],
            ),
            'cannot be read',
        ];
        yield 'a foreign table' => [
            static fn (string $file, self $test) => $test->foreign($file),
            'not a table of Yelbo’s',
        ];
        yield 'a piece without its docket' => [
            static fn (string $file, self $test) => $test->rewrite($file, 'docket', ''),
            'belongs to one of “docket” that is not there',
        ];
        yield 'figures for text' => [
            static fn (string $file, self $test) => $test->rewrite($file, 'customer', "[1,2]\n"),
            'broken: “customer”',
        ];
        yield 'next to nothing, many million times' => [
            static fn (string $file, self $test) => $test->rewrite(
                $file,
                'customer',
                str_repeat("[\"1\"]\n", 4_000_000),
            ),
            'of next to nothing',
        ];
        yield 'encrypted' => [static fn (string $file, self $test) => $test->encrypt($file), 'Give the passphrase'];
        yield 'encrypted otherwise' => [
            static fn (string $file, self $test) => $test->encrypt($file),
            'not the one it was written with',
            'another one',
        ];
    }

    /** @param \Closure(string, self): mixed $spoil */
    #[DataProvider('badFiles')]
    public function testABadFileIsRefusedWithASentenceAndNothingChanges(
        \Closure $spoil,
        string $says,
        ?string $passphrase = null,
    ): void {
        $this->fill();
        $path = $this->written();
        $spoil($path, $this);
        $before = $this->sums($this->schema());
        try {
            $this->load($path, $passphrase);
            self::fail();
        } catch (BackupUnusable $unusable) {
            self::assertStringContainsString($says, $unusable->getMessage());
        }
        self::assertSame($before, $this->sums($this->schema()));
        self::assertStringStartsWith('yelbo_unit_', (string) $this->database->fetchOne('SELECT DATABASE()'));
        self::assertFalse(
            $this->database->fetchOne(
                'SELECT 1 FROM information_schema.SCHEMATA WHERE SCHEMA_NAME = ?',
                [self::SCRATCH],
            ),
        );
    }

    public function testEveryNightOneIsMadeAndProvedAndOldOnesGo(): void
    {
        $nightly = $this->get(NightlyBackup::class);
        $kept = new KeptBackups((string) getenv('YELBO_BACKUPS'));
        self::assertTrue($nightly->isDue());
        $path = $nightly->make();
        self::assertSame($kept->path($this->clock->now()), $path);
        self::assertFalse($nightly->isDue(), 'one a night');
        self::assertSame($path, $nightly->make(), 'made at once it takes the place of the one there');
        self::assertSame([$path], glob("$kept->folder/*"));
        self::assertSame([], $this->database->fetchFirstColumn("SHOW DATABASES LIKE 'yelbo\\_proof%'"));
        $this->clock->modify('+16 hours');
        self::assertFalse($nightly->isDue(), 'an hour past midnight');
        $this->clock->modify('+1 hour');
        self::assertTrue($nightly->isDue());
        unlink($path);
    }

    public function testTheNewestOfSevenDaysFiveWeeksAndTwelveMonthsStay(): void
    {
        $clock = new MockClock('2026-11-23');
        $days = [];
        for ($nth = 0; $nth < 500; ++$nth) {
            $days[] = $clock->now()->modify("-$nth days");
        }
        $kept = array_map(
            static fn (\DateTimeImmutable $day): string => $day->format('Y-m-d'),
            KeptBackups::kept($days),
        );
        self::assertSame(
            [
                '2026-11-23', '2026-11-22', '2026-11-21', '2026-11-20', '2026-11-19', '2026-11-18', '2026-11-17',
                '2026-11-15', '2026-11-08', '2026-11-01',
                '2026-10-31', '2026-09-30', '2026-08-31', '2026-07-31', '2026-06-30', '2026-05-31',
                '2026-04-30', '2026-03-31', '2026-02-28', '2026-01-31', '2025-12-31',
            ],
            $kept,
        );
        self::assertSame([], KeptBackups::kept([]));
    }

    /**
     * @param array<string, mixed>  $says  parts of the manifest that are told otherwise
     * @param array<string, string> $files
     * @param list<string>          $gone
     */
    public function change(string $path, array $says, array $files = [], array $gone = []): void
    {
        $archive = new \ZipArchive();
        $archive->open($path);
        $manifest = json_decode((string) $archive->getFromName(Manifest::FILE), true);
        \assert(\is_array($manifest));
        $archive->addFromString(Manifest::FILE, json_encode([...$manifest, ...$says], \JSON_THROW_ON_ERROR));
        foreach ($files as $name => $text) {
            $archive->addFromString($name, $text);
        }
        array_map($archive->deleteName(...), $gone);
        $archive->close();
    }

    /** @param array<string, mixed> $says of one table, told otherwise */
    public function table(string $path, string $table, array $says): void
    {
        $tables = array_map(
            static fn ($share): array => [...get_object_vars($share), ...($table === $share->name ? $says : [])],
            BackupFile::open($path)->manifest->tables,
        );
        $this->change($path, ['tables' => $tables]);
    }

    /** Other rows, and a manifest that knows it. */
    public function rewrite(string $path, string $table, string $rows): void
    {
        $this->table($path, $table, [
            'rows' => substr_count($rows, "\n"),
            'bytes' => \strlen($rows),
            'sha256' => hash('sha256', $rows),
        ]);
        $this->change($path, [], ["tables/$table.ndjson" => $rows]);
    }

    /** A table of somebody else's, told rightly. */
    public function foreign(string $path): void
    {
        $share = [
            'name' => 'visitors',
            'columns' => ['a'],
            'binary' => [],
            'rows' => 0,
            'bytes' => 0,
            'sha256' => hash('sha256', ''),
        ];
        $tables = array_map(get_object_vars(...), BackupFile::open($path)->manifest->tables);
        $this->change($path, ['tables' => [...$tables, $share]], ['tables/visitors.ndjson' => '']);
    }

    public function encrypt(string $path): void
    {
        unlink($path);
        $this->written('a lantern on the towpath');
    }
}
