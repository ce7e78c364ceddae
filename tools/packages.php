<?php

declare(strict_types=1);

// What is installed is what was tried: every PHP package, also those that others ask for, in one exact version and with a sum over
// what lies in its folder. Composer's own lock file would name the registry.
//
//   php tools/packages.php check   says what differs from tools/packages/sums.txt, and ends with 1 where something does
//   php tools/packages.php write   takes over what is installed: the two lists Composer installs by, and the sums
//
// Reads vendor/ only, and needs nothing from it.

const ROOT = __DIR__.'/..';
const SUMS = ROOT.'/tools/packages/sums.txt';

/** @return array{packages: array<string, string>, dev: list<string>} versions by name, and who is there for the checks only */
function installed(): array
{
    $file = ROOT.'/vendor/composer/installed.json';
    $all = json_decode((string) @file_get_contents($file), true);
    if (!is_array($all)) {
        fwrite(\STDERR, "There is no $file: nothing is installed.\n");
        exit(1);
    }
    $packages = [];
    foreach ($all['packages'] as $package) {
        if ('metapackage' !== ($package['type'] ?? '')) {
            $packages[$package['name']] = ltrim($package['version'], 'v');
        }
    }
    ksort($packages);

    return ['packages' => $packages, 'dev' => $all['dev-package-names'] ?? []];
}

/** SHA-256 over the names and contents of a package's files. */
function sum(string $name): string
{
    $folder = ROOT."/vendor/$name";
    $files = [];
    $all = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS));
    foreach ($all as $file) {
        $files[] = substr((string) $file, strlen($folder) + 1);
    }
    sort($files, \SORT_STRING);
    $sum = hash_init('sha256');
    foreach ($files as $file) {
        hash_update($sum, $file."\0".hash_file('sha256', "$folder/$file")."\n");
    }

    return hash_final($sum);
}

/** @return array<string, array{string, string}> version and sum by name, as they were written down */
function tried(): array
{
    $tried = [];
    foreach (file(SUMS, \FILE_IGNORE_NEW_LINES | \FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
        [$name, $version, $sum] = explode(' ', $line);
        $tried[$name] = [$version, $sum];
    }

    return $tried;
}

function check(): int
{
    $tried = tried();
    $found = installed()['packages'];
    $wrong = [];
    foreach ($found as $name => $version) {
        $wrong[] = match (true) {
            !isset($tried[$name]) => "$name $version is installed and was never tried.",
            $tried[$name][0] !== $version => "$name is $version; {$tried[$name][0]} was tried.",
            $tried[$name][1] !== sum($name) => "$name $version holds other files than those that were tried.",
            default => null,
        };
    }
    foreach (array_keys(array_diff_key($tried, $found)) as $name) {
        $wrong[] = "$name is not installed.";
    }
    $wrong = array_filter($wrong);
    echo [] === $wrong ? count($found)." packages, each as it was tried.\n" : implode("\n", $wrong)."\n";

    return [] === $wrong ? 0 : 1;
}

function write(): int
{
    ['packages' => $packages, 'dev' => $dev] = installed();
    $asked = json_decode((string) file_get_contents(ROOT.'/composer.json'), true);
    $direct = $asked['require'] + $asked['require-dev'];
    foreach (['run' => 'What runs asks for these', 'tests' => 'The checks ask for these'] as $part => $why) {
        $of = array_filter(
            $packages,
            static fn (string $name): bool => !isset($direct[$name]) && ('tests' === $part) === in_array($name, $dev, true),
            \ARRAY_FILTER_USE_KEY,
        );
        $list = [
            'name' => "yelbo/exact-$part",
            'description' => "$why; each in the version that was tried. Written by tools/packages.php.",
            'type' => 'metapackage',
            'version' => '1.0.0',
            'require' => $of,
        ];
        $json = json_encode($list, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR);
        file_put_contents(ROOT."/tools/packages/$part/composer.json", $json."\n");
    }
    $lines = '';
    foreach ($packages as $name => $version) {
        $lines .= "$name $version ".sum($name)."\n";
    }
    file_put_contents(SUMS, $lines);
    echo count($packages)." packages written down.\n";

    return 0;
}

exit(match ($argv[1] ?? '') {
    'check' => check(),
    'write' => write(),
    default => (static function (): int {
        fwrite(\STDERR, "Usage: php tools/packages.php check | write\n");

        return 2;
    })(),
});
