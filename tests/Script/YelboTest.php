<?php

declare(strict_types=1);

namespace Yelbo\Tests\Script;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The one command, where something is not as it should be: one sentence, one cure, never a trace. */
final class YelboTest extends TestCase
{
    private string $folder = '';

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/yelbo-'.bin2hex(random_bytes(4));
        mkdir($this->folder.'/bin', 0o700, true);
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    /**
     * @param array<string, string> $around
     *
     * @return array{int, string}
     */
    private function yelbo(string $words, array $around = []): array
    {
        $process = proc_open(
            ['bash', '-c', './yelbo '.$words.' 2>&1'],
            [['file', '/dev/null', 'r'], ['pipe', 'w']],
            $pipes,
            \dirname(__DIR__, 2),
            [
                'HOME' => $this->folder,
                'PATH' => $this->folder.'/bin:'.getenv('PATH'),
                'YELBO_VAR' => $this->folder.'/var',
                'YELBO_PORT' => '8612',
                'YELBO_DB_PORT' => '8613',
                'YELBO_CUTTER_PORT' => '8614',
                ...$around,
            ],
        );
        self::assertIsResource($process);
        $says = (string) stream_get_contents($pipes[1]);

        return [proc_close($process), $says];
    }

    private function pretend(string $program, string $script): void
    {
        file_put_contents("{$this->folder}/bin/$program", "#!/bin/sh\n$script\n");
        chmod("{$this->folder}/bin/$program", 0o755);
    }

    private function assertSentence(string $sentence, string $cure, string $words, string ...$around): void
    {
        $given = [];
        foreach ($around as $name => $value) {
            $given[(string) $name] = $value;
        }
        [$status, $says] = $this->yelbo($words, $given);
        self::assertSame(1, $status, $says);
        self::assertMatchesRegularExpression("~Yelbo: .*$sentence.*\n.*$cure~", $says);
    }

    public function testSaysWhatItCanDo(): void
    {
        [$status, $says] = $this->yelbo('');
        self::assertSame(0, $status);
        foreach (['demo', 'start', 'stop', 'doctor', 'test', 'bench', 'backup', 'restore'] as $word) {
            self::assertStringContainsString("./yelbo $word", $says);
        }
        $this->assertSentence('not something Yelbo can do', 'Take one of the above', 'fly');
        $this->assertSentence('not an option', '--fresh', 'demo --frehs');
    }

    public function testNothingIsCompiledAtRunTime(): void
    {
        [$status, $says] = $this->yelbo(
            'help; . tools/say.sh; . tools/settings.sh; YELBO_ROOT=$PWD settings; php -d opcache.enable_cli=1 -r '
                .'"var_dump(opcache_get_status(false)[\"jit\"][\"enabled\"]);"',
        );
        self::assertSame(0, $status, $says);
        self::assertStringContainsString('bool(false)', $says);
        self::assertStringNotContainsString('bool(true)', $says);
    }

    public function testAnOldNodeIsNamedWithItsCure(): void
    {
        $this->pretend('node', 'case "$1" in --version) echo v16.0.0;; *) exit 1;; esac');
        $this->assertSentence('Node.js v16.0.0 is too old', '20.19 or newer', 'demo');
    }

    public function testAnOldPhpIsNamedWithItsCure(): void
    {
        $this->pretend('php', 'exit 1');
        $this->assertSentence('older than 8.2', 'php8.2-cli', 'demo');
    }

    public function testMissingPackagesAreNamedToWhoIsNotRoot(): void
    {
        $this->pretend('dpkg-query', 'exit 1');
        $this->pretend('id', 'echo 1000');
        $this->assertSentence('packages are missing: mariadb-server', 'As root, once: apt-get install', 'demo');
    }

    public function testNoNetworkIsSaid(): void
    {
        $this->pretend('dpkg-query', 'exit 1');
        $this->pretend('id', 'echo 0');
        $this->pretend('apt-get', 'echo "Temporary failure resolving" ; exit 100');
        $this->assertSentence('package lists cannot be read', 'Check the network', 'demo');
    }

    public function testATakenPortIsNamedWithTheVariableThatMovesIt(): void
    {
        $taken = stream_socket_server('tcp://127.0.0.1:8612');
        self::assertNotFalse($taken);
        $this->assertSentence('Port 8612 is taken', 'YELBO_PORT=8712', 'start');
        fclose($taken);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function wrongSettings(): iterable
    {
        yield 'no port' => ['YELBO_PORT', 'eighty', 'is not a port'];
        yield 'a folder nobody can write' => ['YELBO_VAR', '/proc/yelbo', 'cannot be written'];
        yield 'a folder too deep for sockets' => [
            'YELBO_VAR',
            '/tmp/yelbo-deep/0123456789/0123456789/0123456789/0123456789/0123456789/0123456789/0123456789',
            'too long for sockets',
        ];
    }

    #[DataProvider('wrongSettings')]
    public function testWrongSettingsAreSaid(string $name, string $value, string $says): void
    {
        $this->assertSentence($says, 'Set YELBO_', 'start', ...[$name => $value]);
        exec('rm -rf /tmp/yelbo-deep');
    }

    public function testADatabaseThatIsNotThereIsSaid(): void
    {
        $this->assertSentence(
            'could not be brought up to date',
            'Is DATABASE_URL right',
            'start',
            ...['DATABASE_URL' => 'mysql://nobody:x@127.0.0.1:1/none?serverVersion=10.11.0-MariaDB'],
        );
    }

    public function testStoppingWhatWasNeverStartedIsNoFault(): void
    {
        [$status, $says] = $this->yelbo('stop');
        self::assertSame(0, $status);
        self::assertStringContainsString('Stopped', $says);
    }

    public function testTheDoctorTakesOneOption(): void
    {
        $this->assertSentence('not an option', '--mend', 'doctor --heal');
    }

    public function testTheDoctorNamesWhatDoesNotRun(): void
    {
        [$status, $says] = $this->yelbo('doctor');
        self::assertSame(1, $status);
        self::assertMatchesRegularExpression('~Process nginx +not running\n +→ ./yelbo start~', $says);
        self::assertStringContainsString('PHP extensions', $says);
    }

    public function testBackupAndRestoreAskForWhatTheyNeed(): void
    {
        $this->assertSentence('nothing says which', 'DATABASE_URL', 'node');
        $this->assertSentence('needs a file to write', 'backup yelbo-', 'backup');
        $this->assertSentence('needs a file that backup wrote', 'restore FILE', 'restore nowhere.zip');
        $this->assertSentence('not running', './yelbo start', 'backup '.escapeshellarg($this->folder.'/b.zip'));
    }

    public function testTheServiceStartsAndStopsWhatTheScriptDoes(): void
    {
        [$status, $says] = $this->yelbo('install-service --print', ['YELBO_PORT' => '8632']);
        self::assertSame(0, $status, $says);
        $root = \dirname(__DIR__, 2);
        self::assertStringContainsString("ExecStart=$root/yelbo start", $says);
        self::assertStringContainsString("ExecStop=$root/yelbo stop", $says);
        self::assertStringContainsString('YELBO_PORT=8632', $says);
        self::assertMatchesRegularExpression('~^\[Unit\]~m', $says);
        if (!is_dir('/run/systemd/system')) {
            $this->assertSentence('no systemd', 'install-service --print', 'install-service');
        }
    }

    public function testTheDataFolderIsNobodyElses(): void
    {
        $this->yelbo('install-service --print');
        $var = $this->folder.'/var';
        self::assertSame('0700', substr(\sprintf('%o', fileperms($var)), -4), 'others see nothing in it');
        self::assertSame(0o600, fileperms("$var/secret") & 0o777);
        if (0 === posix_geteuid()) {
            // The test's own folder lets nobody in: there it stays root, and says so.
            self::assertSame(0, fileowner($var));
            chmod($this->folder, 0o755);
            clearstatcache();
            $this->yelbo('install-service --print');
            clearstatcache();
            self::assertSame(posix_getpwnam('yelbo')['uid'] ?? null, fileowner($var));
            self::assertSame(fileowner($var), fileowner("$var/secret"));
        }
    }
}
