<?php

declare(strict_types=1);

/**
 * The tests a change can touch, found by reading which file names which: whatever names a changed file, directly or through others,
 * is touched, and so is each test that names it, asks a route of it or runs a command of it. Wrong on the careful side: what is
 * neither code nor test nor words (the database's shape, configuration, what is installed, the checks) touches everything.
 */
final class Touched
{
    /** What these are changes nothing that is tried, or is tried by its own test. */
    private const STILL = '~^(docs/(?!openapi|handbook|console|adding)|README|CONTRIBUTING|\.gitignore)~';
    private const WHOLE = '~^(config|migrations|assets|public|tools|bin|\.ci|yelbo$|composer|package|phpstan|phpunit|vite|playwright|biome|tests/bootstrap|tests/browser/(shop|whole|setup|shops))~';

    /** @var array<string, list<string>> what names a file, by its path */
    private array $namedBy = [];
    /** @var array<string, string> the text of every PHP file of src/ and tests/ */
    private array $texts = [];

    /** @param list<string> $files from the project's root */
    private function __construct(private readonly string $root, public readonly array $files)
    {
    }

    public static function since(string $root, ?string $revision): self
    {
        $git = static fn (string $words): array => array_filter(explode("\n", (string) shell_exec('git -C '.escapeshellarg($root)." $words")));
        $files = [...$git('diff --name-only '.escapeshellarg($revision ?? 'HEAD')), ...$git('ls-files --others --exclude-standard')];

        return self::of($root, $files);
    }

    /** @param list<string> $files from the project's root */
    public static function of(string $root, array $files): self
    {
        return new self($root, array_values(array_filter($files, static fn (string $file): bool => !preg_match(self::STILL, $file))));
    }

    public function isWhole(): bool
    {
        return [] !== preg_grep(self::WHOLE, $this->files);
    }

    /** @return list<string> paths of tests */
    public function tests(): array
    {
        $this->read();
        $touched = $this->reached(preg_grep('~\.php$~', $this->files) ?: []);
        $tests = array_values(preg_grep('~^tests/.*Test\.php$~', array_keys($touched)) ?: []);
        $routes = $this->routes(array_keys($touched));
        $commands = $this->commands(array_keys($touched));
        foreach ($this->texts as $path => $text) {
            if (preg_match('~^tests/(Web|Console|Shop)/~', $path) && $this->asks($text, $routes, $commands)) {
                $tests = [...$tests, ...preg_grep('~Test\.php$~', array_keys($this->reached([$path]))) ?: []];
            }
        }

        return array_values(array_unique([...$tests, ...$this->always(), ...$this->ofPages()]));
    }

    /** The rules of the house are read off all files, and take seconds. @return list<string> */
    private function always(): array
    {
        return array_map(
            fn (string $path): string => substr($path, strlen($this->root) + 1),
            glob("$this->root/tests/Architecture/*Test.php") ?: [],
        );
    }

    /** @return list<string> tests of the pages: of a station those that go there, of what all share all of them */
    private function ofPages(): array
    {
        $changed = preg_grep('~^(ui|tests/ui|tests/browser|src/Web/View|docs/openapi)~', $this->files) ?: [];
        if ([] === $changed) {
            return [];
        }
        $tests = array_map(fn (string $path): string => substr($path, strlen($this->root) + 1), [
            ...glob("$this->root/tests/ui/*.test.*") ?: [],
            ...glob("$this->root/tests/browser/*.spec.ts") ?: [],
        ]);
        $stations = [];
        foreach ($changed as $path) {
            if (preg_match('~^tests/browser/.*\.spec\.ts$~', $path)) {
                $stations[] = $path;
            } elseif (preg_match('~^ui/src/stations/(\w+)/~', $path, $found)) {
                $stations[] = "/$found[1]";
            } elseif (!str_starts_with($path, 'tests/ui/')) {
                return $tests;
            }
        }

        return array_values(array_filter($tests, function (string $test) use ($stations): bool {
            $text = $test."\n".file_get_contents("$this->root/$test");

            return str_starts_with($test, 'tests/ui/') || [] !== array_filter($stations, static fn (string $station): bool => str_contains($text, $station));
        }));
    }

    /** Reads who names whom: by what is imported, and by the bare name beside one another in a folder. */
    private function read(): void
    {
        foreach (['src', 'tests'] as $folder) {
            $all = new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$this->root/$folder", FilesystemIterator::SKIP_DOTS));
            foreach ($all as $file) {
                if (str_ends_with((string) $file, '.php')) {
                    $this->texts[substr((string) $file, strlen($this->root) + 1)] = (string) file_get_contents((string) $file);
                }
            }
        }
        $beside = [];
        foreach (array_keys($this->texts) as $path) {
            $beside[dirname($path)][basename($path, '.php')] = $path;
        }
        foreach ($this->texts as $path => $text) {
            preg_match_all('~\bYelbo(?:\\\\\w+)+~', $text, $imported);
            $names = array_map(static fn (string $name): string => strtr(
                str_starts_with($name, 'Yelbo\Tests\\') ? 'tests/'.substr($name, 12) : 'src/'.substr($name, 6),
                '\\',
                '/',
            ).'.php', $imported[0]);
            preg_match_all('~\b[A-Z]\w+~', $text, $bare);
            foreach (array_unique($bare[0]) as $name) {
                if (isset($beside[dirname($path)][$name])) {
                    $names[] = $beside[dirname($path)][$name];
                }
            }
            foreach (array_unique($names) as $name) {
                if ($name !== $path) {
                    $this->namedBy[$name][] = $path;
                }
            }
        }
    }

    /**
     * @param array<int, string> $from paths
     *
     * @return array<string, true> those and all that name them, however far; the demo and the open description name nearly everything
     *                             and are told apart by their own tests
     */
    private function reached(array $from): array
    {
        $reached = array_fill_keys($from, true);
        for ($open = array_values($from); [] !== $open;) {
            $path = array_pop($open);
            foreach ($this->namedBy[$path] ?? [] as $by) {
                if (!isset($reached[$by])) {
                    $reached[$by] = true;
                    $open[] = $by;
                }
            }
        }

        return $reached;
    }

    /** @param list<string> $paths @return list<string> the beginnings of routes, up to what is filled in */
    private function routes(array $paths): array
    {
        $routes = [];
        foreach (preg_grep('~^src/Web/Controller/~', $paths) ?: [] as $path) {
            preg_match_all("~Route\\(\\s*(?:path: )?'(/[^'{]*)([^']*)'~", $this->texts[$path] ?? '', $found, \PREG_SET_ORDER);
            foreach ($found as [, $beginning, $rest]) {
                $last = preg_match('~/([\w.-]+)$~', $rest, $end) ? $end[1] : '';
                $routes[] = ['' === $last ? $beginning : $last, $beginning];
            }
        }

        return $routes;
    }

    /** @param list<string> $paths @return list<string> names of commands */
    private function commands(array $paths): array
    {
        $commands = [];
        foreach (preg_grep('~^src/Console/~', $paths) ?: [] as $path) {
            if (preg_match("~AsCommand\\('([\\w:-]+)'~", $this->texts[$path] ?? '', $found)) {
                $commands[] = $found[1];
            }
        }

        return $commands;
    }

    /** @param list<array{string, string}> $routes @param list<string> $commands */
    private function asks(string $text, array $routes, array $commands): bool
    {
        foreach ($routes as [$word, $beginning]) {
            if (str_contains($text, $word) && (str_contains($text, rtrim($beginning, '/')) || str_contains($text, '$path/') || str_contains($text, '$at/'))) {
                return true;
            }
        }

        return [] !== array_filter($commands, static fn (string $command): bool => str_contains($text, $command));
    }
}
