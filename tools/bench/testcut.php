<?php

declare(strict_types=1);

// Films and blades whose window and wear are hidden: tests until a first cut is right, how often a later job is tested,
// and how many of those that were not come out wrong, beside what is wanted. Prints figures, not a test.
// Usage: php tools/bench/testcut.php [shops] [seed]

use Yelbo\Bench\Cutting;

require dirname(__DIR__, 2).'/vendor/autoload.php';
require __DIR__.'/Cutting.php';

$shops = (int) ($argv[1] ?? 100);
$seed = (int) ($argv[2] ?? 1);
printf("%-44s %14s %14s %14s %12s\n", "$shops shops, two blades each, seed $seed", 'first: tests', 'later: tested', 'untested wrong', 'ms a question');
printf("%-44s %14s %14s %14s\n", 'wanted', '1.6', '0.40', '0.030');
foreach (
    [
        'one film, near the handbook (15 %)' => [1, 0.15, 0.0],
        'one film, further (25 %)' => [1, 0.25, 0.0],
        'one film, far (35 %)' => [1, 0.35, 0.0],
        'two films, blades a little apart (3 %)' => [2, 0.2, 0.03],
        'three films, blades a little apart (3 %)' => [3, 0.2, 0.03],
    ] as $what => $of
) {
    $cutting = new Cutting(...$of);
    $began = hrtime(true);
    for ($nth = 0; $nth < $shops; ++$nth) {
        $cutting->shop($seed + $nth);
    }
    $asked = $cutting->firsts + $cutting->firstTests + $cutting->later + $cutting->tested;
    printf(
        "%-44s %14.2f %14.2f %14.3f %12.0f\n",
        $what,
        $cutting->firstTests / max(1, $cutting->firsts),
        $cutting->tested / max(1, $cutting->later),
        $cutting->wrong / max(1, $cutting->untested),
        (hrtime(true) - $began) / 1e6 / $asked,
    );
}
