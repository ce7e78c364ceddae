<?php

declare(strict_types=1);

// What is to be checked: everything, the parts, files and classes named, or what a change can touch. Prints a line each, read by
// tools/checks.sh: `part NAME` in the order of running, then `php PATH`, `page PATH` and `browser PATH` for what is in the parts.
// Usage: php tools/checks/select.php [static | unit | core | shop | script | pages | browser | FILE | CLASS | WORD]… | --changed [REV]

require __DIR__.'/Touched.php';

const SUITES = [
    'core' => ['tests/Trade', 'tests/Device', 'tests/Architecture'],
    'shop' => ['tests/Console', 'tests/Shop', 'tests/Web'],
    'script' => ['tests/Script'],
];
$root = dirname(__DIR__, 2);
$words = array_slice($argv, 1);
$parts = $php = $pages = $browser = [];

/** @return list<string> every test whose path holds the word */
$named = static function (string $word) use ($root): array {
    $found = [];
    $all = new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/tests", FilesystemIterator::SKIP_DOTS));
    foreach ($all as $file) {
        $path = substr((string) $file, strlen($root) + 1);
        if (preg_match('~Test\.php$|\.(spec|test)\.tsx?$~', $path) && str_contains($path, $word)) {
            $found[] = $path;
        }
    }
    sort($found);

    return $found;
};
$add = static function (array $tests) use (&$php, &$pages, &$browser): void {
    foreach ($tests as $test) {
        match (true) {
            str_ends_with($test, '.php') => $php[] = $test,
            str_contains($test, '.spec.') => $browser[] = $test,
            default => $pages[] = $test,
        };
    }
};

if ('--changed' === ($words[0] ?? '')) {
    $touched = Touched::since($root, $words[1] ?? null);
    if ([] === $touched->files) {
        exit(0);
    }
    $parts[] = 'static';
    $add($touched->tests());
    $whole = $touched->isWhole();
    if ($whole) {
        $php = array_merge(...array_values(SUITES));
        $pages = $browser = [''];
    }
    fwrite(\STDERR, sprintf("%d files changed: %s\n", count($touched->files), $whole ? 'everything is tried.' : count($php).' files of PHPUnit, '.count($pages).' of the pages, '.count($browser).' in the browser.'));
} elseif ([] === $words) {
    $parts[] = 'static';
    $php = array_merge(...array_values(SUITES));
    $pages = $browser = [''];
} else {
    foreach ($words as $word) {
        if ('static' === $word) {
            $parts[] = 'static';
        } elseif ('unit' === $word) {
            $php = [...$php, ...array_merge(...array_values(SUITES))];
        } elseif (isset(SUITES[$word])) {
            $php = [...$php, ...SUITES[$word]];
        } elseif ('pages' === $word) {
            $pages[] = '';
        } elseif ('browser' === $word) {
            $browser[] = '';
        } else {
            $found = $named($word);
            if ([] === $found) {
                fwrite(\STDERR, "\nYelbo: “$word” is not a part of the checks.\n       Take static, unit, core, shop, script, pages or browser, a test's file or a word of its name, or none for all.\n");
                exit(1);
            }
            $add($found);
        }
    }
}

foreach (['pages' => $pages, 'php' => $php, 'browser' => $browser] as $part => $of) {
    if ([] !== $of) {
        $parts[] = $part;
    }
}
foreach ($parts as $part) {
    echo "part $part\n";
}
foreach (['php' => $php, 'page' => $pages, 'browser' => $browser] as $kind => $of) {
    foreach (array_unique($of) as $path) {
        echo "$kind $path\n";
    }
}
