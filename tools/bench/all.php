<?php

declare(strict_types=1);

// Runs every case of nesting and of the knife's way in a process of its own and prints what is wanted beside what it took.
// Usage: php tools/bench/all.php

use Symfony\Component\Process\Process;

require dirname(__DIR__, 2).'/vendor/autoload.php';

/**
 * @param list<string> $arguments
 *
 * @return array<string, mixed>
 */
function measured(string $script, array $arguments): array
{
    $process = new Process(['php', '-d', 'memory_limit=2G', __DIR__."/$script.php", ...$arguments], null, null, null, 600);

    return json_decode($process->mustRun()->getOutput(), true, 16, \JSON_THROW_ON_ERROR);
}

/** @param array<string, mixed> $found */
function of(array $found, string $key): float
{
    return is_numeric($found[$key] ?? null) ? (float) $found[$key] : \NAN;
}

foreach ([['mixed', 'mixed'], ['solid', 'compact']] as [$mix, $called]) {
    foreach ([['60', '5', 0.86], ['60', '30', 0.82], ['150', '15', 0.88], ['150', '60', 0.86]] as [$count, $seconds, $wanted]) {
        // The short ones on three seeds, the long ones on one.
        foreach ($seconds < 20 ? ['1', '2', '3'] : ['1'] as $seed) {
            $found = measured('nest', [$mix, $count, $seconds, $seed]);
            printf("%3s %s decals, %2s s, seed %s: %.3f of a box packer's film (wanted %.2f), %d sheets, first plan %.1f s, %d MB\n", $count, $called, $seconds, $seed, of($found, 'share'), $wanted, count((array) $found['sheets']), of($found, 'first'), of($found, 'megabytes'));
        }
    }
}
foreach ([['25', 98.0], ['50', 94.5]] as [$count, $wanted]) {
    foreach (['1', '2', '3'] as $seed) {
        $found = measured('nest', ['guillotine', $count, '5', $seed]);
        printf("%s rectangles cut from one sheet, 5 s, seed %s: %.1f %% of it filled (wanted %.1f)\n", $count, $seed, 100 * of($found, 'filled'), $wanted);
    }
}
foreach (['5', '30'] as $seconds) {
    foreach (['1', '2'] as $seed) {
        $found = measured('nest', ['offcuts', '40', $seconds, $seed]);
        printf("40 names, four odd offcuts, %s s, seed %s: %s\n", $seconds, $seed, implode('; ', (array) $found['sheets']));
    }
}
foreach (['50', '100', '200', '300'] as $count) {
    $found = measured('nest', ['mixed', $count, '10']);
    printf("%3s mixed decals, 10 s: first whole plan %.1f s, %.3f of a box packer's film, %d MB\n", $count, of($found, 'first'), of($found, 'share'), of($found, 'megabytes'));
}
foreach (['60', '150'] as $count) {
    $found = measured('knife', [$count, '30']);
    printf("knife's way, %s decals, %d outlines: %.0f mm in the air, %.3f of the best of 30 s (wanted 1.15), found in %.1f s\n", $count, of($found, 'contours'), of($found, 'air'), of($found, 'ratio'), of($found, 'took'));
}
