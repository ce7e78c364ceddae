<?php

declare(strict_types=1);

namespace Yelbo\Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** Who may know whom, read off the `use` lines. Web, Console → Shop → Trade; Device → Trade; Trade knows nobody. */
final class LayersTest extends TestCase
{
    private const MAY_KNOW = [
        'Trade' => ['Yelbo\Trade', 'FontLib', 'Random'],
        'Device' => ['Yelbo\Device', 'Yelbo\Trade', 'Symfony\Component\Mailer', 'Symfony\Component\Mime', 'Doctrine\DBAL'],
        'Shop' => ['Yelbo\Shop', 'Yelbo\Trade', 'Yelbo\Device', 'Doctrine', 'Symfony', 'Psr'],
        'Web' => ['Yelbo\Web', 'Yelbo\Shop', 'Yelbo\Trade', 'Yelbo\Device', 'Symfony', 'Psr'],
        'Console' => ['Yelbo\Console', 'Yelbo\Web\OpenApi', 'Yelbo\Shop', 'Yelbo\Trade', 'Yelbo\Device', 'Symfony', 'Doctrine\DBAL'],
    ];

    /** Inside the core the pipeline runs one way: a later stage may know an earlier one, never the reverse. */
    private const PIPELINE = [
        'Measure' => [],
        'Geometry' => [],
        'Film' => [],
        'Journey' => [],
        'Time' => [],
        'Trace' => ['Geometry'],
        'Art' => ['Geometry'],
        'Object' => ['Measure', 'Geometry'],
        'Lettering' => ['Measure', 'Geometry', 'Object', 'Art'],
        'Check' => ['Measure', 'Geometry', 'Film', 'Object', 'Lettering', 'Art'],
        'Sheet' => ['Measure', 'Geometry'],
        'Knife' => ['Geometry'],
        'Bench' => ['Measure', 'Geometry', 'Film'],
    ];

    public function testLayersKnowOnlyWhatTheyMay(): void
    {
        $broken = [];
        foreach (self::MAY_KNOW as $layer => $allowed) {
            foreach ($this->files("src/$layer") as $file) {
                foreach ($this->uses($file) as $used) {
                    if (str_contains($used, '\\') && [] === array_filter($allowed, static fn (string $root): bool => str_starts_with($used.'\\', $root.'\\'))) {
                        $broken[] = "$file uses $used";
                    }
                }
            }
        }
        self::assertSame([], $broken);
    }

    public function testTheCoreRunsOneWay(): void
    {
        $broken = [];
        foreach (self::PIPELINE as $stage => $allowed) {
            foreach ($this->files("src/Trade/$stage") as $file) {
                foreach ($this->uses($file) as $used) {
                    if (preg_match('~^Yelbo\\\\Trade\\\\(\w+)\\\\~', $used, $found) && $found[1] !== $stage && !\in_array($found[1], $allowed, true)) {
                        $broken[] = "$file uses $used";
                    }
                }
            }
        }
        self::assertSame([], $broken);
        self::assertEqualsCanonicalizing(array_keys(self::PIPELINE), array_map(basename(...), glob($this->root().'/src/Trade/*', \GLOB_ONLYDIR) ?: []));
    }

    /** The core has no clock, no chance, no network and no files but its faces. */
    public function testTheCoreIsAFunctionOfItsInput(): void
    {
        $broken = [];
        foreach ($this->files('src/Trade') as $file) {
            $code = (string) file_get_contents($this->root().'/'.$file);
            if (preg_match('~\b(time|microtime|date|rand|mt_rand|random_int|curl_init|fopen|file_put_contents|getenv)\(|new \\\\?DateTimeImmutable\(\)|\$_(SERVER|ENV|GET|POST)~', $code, $found)) {
                $broken[] = "$file: {$found[0]}";
            }
        }
        self::assertSame([], $broken);
    }

    /** Fully qualified names in code would slip past a check of the `use` lines. */
    public function testNoLayerIsReachedAroundTheUseLines(): void
    {
        $broken = [];
        foreach ($this->files('src') as $file) {
            if (preg_match('~^(?!use |namespace ).*\\\\(Yelbo|Doctrine|Symfony)\\\\~m', (string) file_get_contents($this->root().'/'.$file), $found) && !str_contains($file, 'Kernel.php')) {
                $broken[] = "$file: {$found[0]}";
            }
        }
        self::assertSame([], $broken);
    }

    /** @return list<string> from the project's root */
    private function files(string $folder): array
    {
        $files = [];
        /** @var \SplFileInfo $file */
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($this->root().'/'.$folder)) as $file) {
            if ('php' === $file->getExtension()) {
                $files[] = substr($file->getPathname(), \strlen($this->root()) + 1);
            }
        }
        self::assertNotSame([], $files, $folder);

        return $files;
    }

    /** @return list<string> */
    private function uses(string $file): array
    {
        preg_match_all('~^use (?:function |const )?([\w\\\\]+)~m', (string) file_get_contents($this->root().'/'.$file), $found);

        return $found[1];
    }

    private function root(): string
    {
        return \dirname(__DIR__, 2);
    }
}
