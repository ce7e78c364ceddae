<?php

declare(strict_types=1);

// Says once more, as the last thing, which tests failed and why: a long log is often read from its end.
// Usage: php tools/checks/failed.php FOLDER, where the reports of the parts lie

/** Lines of a message that are told; the whole stands where the test ran. */
const TOLD = 12;

/** @return iterable<string, string> what went wrong by test */
function ofPhpUnitAndVitest(string $file): iterable
{
    $read = is_file($file) ? simplexml_load_file($file) : false;
    foreach ($read ? $read->xpath('//testcase[failure or error]') : [] as $test) {
        yield basename((string) ($test['file'] ?? $test['classname'])).'  '.$test['name'] => (string) ($test->failure[0] ?? $test->error[0]);
    }
}

/** @return iterable<string, string> what went wrong by test */
function ofPlaywright(string $file): iterable
{
    $suites = json_decode((string) @file_get_contents($file), true)['suites'] ?? [];
    while ($suite = array_pop($suites)) {
        array_push($suites, ...$suite['suites'] ?? []);
        foreach ($suite['specs'] ?? [] as $spec) {
            if (!$spec['ok']) {
                $last = end($spec['tests'][0]['results']) ?: [];
                yield basename($spec['file']).'  '.$spec['title'] => (string) preg_replace('~\e\[[\d;]*m~', '', $last['error']['message'] ?? $last['status'] ?? '');
            }
        }
    }
}

[, $folder] = $argv;
foreach (['php.xml', 'pages.xml'] as $file) {
    foreach (ofPhpUnitAndVitest("$folder/$file") as $test => $why) {
        tell($test, $why);
    }
}
foreach (ofPlaywright("$folder/browser.json") as $test => $why) {
    tell($test, $why);
}

function tell(string $test, string $why): void
{
    echo "\nFailed: $test\n  ".implode("\n  ", array_slice(array_filter(explode("\n", trim($why)), 'trim'), 0, TOLD))."\n";
}
