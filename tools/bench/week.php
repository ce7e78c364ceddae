<?php

declare(strict_types=1);

// Prints how late weeks of sixty orders come by the plan, by what is due first, and by a search of ten minutes. Figures, not a test.
//
//   ./yelbo bench week [SECONDS of the search, 600] [SEEDS, 3]

require dirname(__DIR__, 2).'/vendor/autoload.php';

use Random\Engine\Mt19937;
use Random\Randomizer;
use Yelbo\Trade\Week\Hours;
use Yelbo\Trade\Week\Job;
use Yelbo\Trade\Week\Outlook;
use Yelbo\Trade\Week\Task;
use Yelbo\Trade\Week\Week;
use Yelbo\Trade\Week\WeekPlanner;

const ORDERS = 60;
const HANDS = 2;

$seconds = (float) ($argv[1] ?? 600);
$seeds = (int) ($argv[2] ?? 3);
$now = new DateTimeImmutable('2026-11-30T09:00:00+00:00');
$stretches = [[6, 540, 780]];
for ($day = 1; $day < 6; ++$day) {
    array_push($stretches, [$day, 540, 750], [$day, 795, 1050]);
}
$hours = array_fill(0, HANDS, new Hours($stretches));

/** @return list<Job> three to five steps each, due within a week and a half, some with coats and rests */
function jobs(Randomizer $random): array
{
    $jobs = [];
    for ($nth = 0; $nth < ORDERS; ++$nth) {
        $tasks = [];
        foreach (range(1, $random->getInt(3, 5)) as $step) {
            $tasks[] = new Task(
                60 * $random->getInt(4, 45),
                0 === $random->getInt(0, 3) ? 60 * [20, 30, 720, 2880][$random->getInt(0, 3)] : 0,
                [0, 1],
                1 === $step ? [0] : [],
            );
        }
        $jobs[] = new Job("Y-$nth", 86_400 * $random->getInt(1, 10), (float) $random->getInt(1, 3), $tasks);
    }

    return $jobs;
}

/** @param list<Job> $jobs */
$late = static fn (Week $week, array $jobs): float => $week->weighted($jobs);
printf("%-6s %14s %10s %14s %8s %14s %8s\n", 'seed', 'by due date', 'plan', 'of due date', 's', "in $seconds s", 'plan to it');
for ($seed = 1; $seed <= $seeds; ++$seed) {
    $jobs = jobs(new Randomizer(new Mt19937($seed)));
    $began = microtime(true);
    $outlook = Outlook::of($jobs, $hours, $now, 1);
    $took = microtime(true) - $began;
    $plan = $late($outlook->week, $jobs);
    $due = $late($outlook->planner->byDueDate(), $jobs);
    // The same search over and over with more to place each time, as long as there is time.
    $best = $plan;
    $until = microtime(true) + $seconds;
    for ($placed = 150_000; microtime(true) < $until; $placed *= 2) {
        $best = min($best, $late(Outlook::of($jobs, $hours, $now, 1, [], $placed)->week, $jobs));
        if ((microtime(true) - $began) * 2 > $seconds) {
            break;
        }
    }
    printf(
        "%-6d %14.0f %10.0f %14.3f %8.2f %14.0f %8.3f\n",
        $seed,
        $due,
        $plan,
        $plan / max(1.0, $due),
        $took,
        $best,
        $plan / max(1.0, $best),
    );
}
