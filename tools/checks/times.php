<?php

declare(strict_types=1);

// Tells how long each part of the checks took beside what it may take, the ten slowest tests, and the slowest files.
// What goes beyond is said and fails nothing: a machine may be busy. docs/testing.md says what to do about it.
// Usage: php tools/checks/times.php FOLDER SECONDS-IN-ALL

/** Seconds each part may take on two cores. */
const MAY_TAKE = ['install' => 60, 'static' => 60, 'pages' => 10, 'php' => 210, 'browser' => 240];
/** Seconds one test may take. */
const ONE_MAY_TAKE = ['php' => 10, 'pages' => 1, 'browser' => 20];

[, $folder, $all] = $argv;

/** @return list<array{float, string, string}> seconds, file, test */
function junit(string $file): array
{
    $tests = [];
    $read = is_file($file) ? simplexml_load_file($file) : false;
    foreach ($read ? $read->xpath('//testcase') : [] as $test) {
        $of = (string) ($test['file'] ?? $test['classname']);
        $tests[] = [(float) $test['time'], basename($of), (string) $test['name']];
    }

    return $tests;
}

/** @return list<array{float, string, string}> */
function playwright(string $file): array
{
    $tests = [];
    $walk = static function (array $suite) use (&$walk, &$tests): void {
        foreach ($suite['suites'] ?? [] as $inner) {
            $walk($inner);
        }
        foreach ($suite['specs'] ?? [] as $spec) {
            foreach ($spec['tests'] as $test) {
                $tests[] = [array_sum(array_column($test['results'], 'duration')) / 1000, basename($spec['file']), $spec['title']];
            }
        }
    };
    $walk((array) json_decode((string) @file_get_contents($file), true));

    return $tests;
}

$parts = [];
foreach (file("$folder/parts", \FILE_IGNORE_NEW_LINES) ?: [] as $line) {
    [$part, $seconds] = explode(' ', $line);
    $parts[$part] = (int) $seconds;
}
$tests = ['php' => junit("$folder/php.xml"), 'pages' => junit("$folder/pages.xml"), 'browser' => playwright("$folder/browser.json")];
foreach ($parts as $part => $seconds) {
    $may = MAY_TAKE[$part] ?? 0;
    printf("%-10s %4d s of %3d s%s%s\n", $part, $seconds, $may, isset($tests[$part]) ? sprintf(', %d tests of %d s', count($tests[$part]), array_sum(array_column($tests[$part], 0))) : '', $seconds > $may ? '   ← beyond' : '');
}
printf("%-10s %4d s\n\nThe slowest:\n", 'all', $all);
$each = [];
foreach ($tests as $part => $of) {
    foreach ($of as [$seconds, $file, $name]) {
        $each[] = [$seconds, $file, $name, $seconds > ONE_MAY_TAKE[$part]];
    }
}
usort($each, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
foreach (array_slice($each, 0, 10) as [$seconds, $file, $name, $beyond]) {
    printf("%6.1f s  %s  %s%s\n", $seconds, $file, mb_strimwidth($name, 0, 90, '…'), $beyond ? '   ← beyond' : '');
}
