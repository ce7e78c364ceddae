<?php

declare(strict_types=1);

namespace Yelbo\Tests\Script;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * Every command that README and docs/ give works as it is written: tried in a shop of its own, or named with the test
 * that tries it.
 */
final class DocumentedCommandsTest extends TestCase
{
    private const PORT = 8652;
    /** What is tried elsewhere, and where. */
    private const ELSEWHERE = [
        '~^\./yelbo( test.*| console …)?$~' => 'this very run, and the commands of the console below',
        '~^\./yelbo demo( --fresh)?$~' => 'the shops of the browser tests are started by it',
        '~^\./yelbo bench( |$)~' => 'minutes of figures; what it takes is tried below',
        '~\./yelbo (worker|node)$~' => 'zz-recovery.spec.ts',
        '~^\./yelbo (backup|restore|install-service)$~' => 'with its file or option, below',
        '~trade:~' => 'DocumentedContractsTest; those for a film still to be added are of docs/adding.md',
        '~packages\.php|^composer ~' => 'writes into the project; its check runs with the static ones',
        '~measure-faces|shots\.mjs~' => 'writes into the project; its file is looked at below',
        '~migrations:diff$~' => 'writes a migration; that it is a command is looked at below',
        '~openapi > docs~' => 'OpenApiTest makes both anew and compares them',
    ];

    private static string $folder = '';

    public static function setUpBeforeClass(): void
    {
        self::$folder = sys_get_temp_dir().'/yelbo-documented-'.bin2hex(random_bytes(4));
        mkdir(self::$folder, 0o755);
    }

    public static function tearDownAfterClass(): void
    {
        self::told('./yelbo stop');
        exec('rm -rf '.escapeshellarg(self::$folder));
    }

    /** @return array{int, string} */
    private static function told(string $command, int $seconds = 120): array
    {
        $process = Process::fromShellCommandline($command.' 2>&1', \dirname(__DIR__, 2), [
            'YELBO_VAR' => self::$folder.'/var',
            'YELBO_PORT' => (string) self::PORT,
            'YELBO_DB_PORT' => (string) (self::PORT + 1),
            'YELBO_CUTTER_PORT' => (string) (self::PORT + 2),
            'YELBO_BACKUPS' => self::$folder.'/var/backups',
            'YELBO_BACKUP_PASSPHRASE' => 'a long towpath',
            'APP_ENV' => false,
            'DATABASE_URL' => false,
            'YELBO_KEEPER_URL' => false,
            'YELBO_PUBLIC' => false,
        ]);
        $process->setTimeout($seconds);
        $process->run();

        return [(int) $process->getExitCode(), $process->getOutput()];
    }

    /** @return list<string> in the order they stand, each once */
    private static function documented(): array
    {
        $root = \dirname(__DIR__, 2);
        $commands = [];
        foreach ([$root.'/README.md', $root.'/CONTRIBUTING.md', ...glob($root.'/docs/*.md') ?: []] as $file) {
            preg_match_all(
                '~(?:`|^ {4}(?:\$ )?)((?:[A-Z_]+=\S+ )*(?:\./yelbo|php |node |npm |echo |composer )[^`\n]*)~m',
                (string) file_get_contents($file),
                $found,
            );
            foreach ($found[1] as $command) {
                $commands[] = trim((string) preg_replace('~\s{2,}\S.*$|\s+#.*$~', '', $command));
            }
        }

        return array_values(array_unique($commands));
    }

    public function testEachIsTriedHereOrSomewhereElse(): void
    {
        $commands = self::documented();
        self::assertGreaterThan(25, \count($commands), implode("\n", $commands));
        $strange = [];
        foreach ($commands as $command) {
            $elsewhere = array_filter(
                array_keys(self::ELSEWHERE),
                static fn (string $of): bool => 1 === preg_match($of, $command),
            );
            if ([] === $elsewhere && !isset(self::here()[$command])) {
                $strange[] = $command;
            }
        }
        self::assertSame([], $strange, 'a command in the docs that nothing tries');
        foreach (array_keys(self::here()) as $command) {
            self::assertContains($command, $commands, 'tried, and no longer written anywhere');
        }
    }

    /**
     * @return array<string, array{string, string}> as written: as it is tried, in this order, and what it has to say
     */
    private static function here(): array
    {
        $file = self::$folder.'/kept.zip';

        return [
            './yelbo start' => ['./yelbo start', 'Yelbo runs at http'],
            './yelbo doctor' => ['./yelbo doctor', 'All is well'],
            './yelbo doctor --mend' => ['./yelbo doctor --mend', 'Records +ok'],
            './yelbo console yelbo:first-owner' => ['./yelbo console yelbo:first-owner', '[a-z0-9]{4}-'],
            './yelbo console yelbo:nightly --now' => [
                './yelbo console yelbo:nightly --now && ./yelbo console yelbo:nightly --now',
                'written and proved',
            ],
            './yelbo backup FILE.zip' => ["./yelbo backup $file", 'Written: '],
            './yelbo backup --encrypt FILE.zip' => ["rm -f $file; ./yelbo backup --encrypt $file", 'Written: '],
            './yelbo console yelbo:restore FILE SCHEMA' => [
                "cp $file {$file}2; chmod a+r {$file}2; ./yelbo console yelbo:restore {$file}2 yelbo_documented",
                '',
            ],
            './yelbo restore FILE.zip' => ["./yelbo restore $file", 'Put back: '],
            './yelbo install-service --print' => ['./yelbo install-service --print', 'ExecStart='],
            './yelbo stop' => ['./yelbo stop', 'Stopped'],
        ];
    }

    public function testWhatIsWrittenDoesWhatIsSaid(): void
    {
        foreach (self::here() as $written => [$command, $says]) {
            [$status, $output] = self::told($command);
            self::assertSame(0, $status, "$written\n$output");
            self::assertMatchesRegularExpression("~$says~", $output, $written);
            self::assertDoesNotMatchRegularExpression('~Stack trace|Fatal error|command not found~', $output, $written);
        }
    }

    public function testWhatIsTriedElsewhereIsThere(): void
    {
        [, $usage] = self::told('./yelbo');
        foreach (self::documented() as $command) {
            if (preg_match('~^\./yelbo (\w+)( [a-z]+\b)?~', $command, $found)) {
                self::assertStringContainsString("./yelbo $found[1]", $usage);
                if ('bench' === $found[1] && isset($found[2])) {
                    self::assertStringContainsString("./yelbo bench$found[2]", $usage);
                }
            }
            if (preg_match('~^(?:php|node) ([\w./-]+)~', $command, $found)) {
                self::assertFileExists(\dirname(__DIR__, 2)."/$found[1]");
            }
            if (preg_match('~^\./yelbo console ([\w:-]+)~', $command, $found)) {
                [$status, $output] = self::told("./yelbo console $found[1] --help");
                self::assertSame(0, $status, $output);
            }
        }
        [$status, $says] = self::told('./yelbo bench fly');
        self::assertSame(1, $status);
        self::assertStringContainsString('There is no benchmark', $says);
    }
}
