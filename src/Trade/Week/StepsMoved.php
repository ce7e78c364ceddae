<?php

declare(strict_types=1);

namespace Yelbo\Trade\Week;

use Random\Randomizer;

/** Small changes of an order of steps, by chance. */
final class StepsMoved
{
    private function __construct()
    {
    }

    /**
     * One step moved, two changed over, or all steps of a job moved.
     *
     * @param list<int> $order
     *
     * @return array{list<int>|null, int} none where it is the same; and from where on it differs
     */
    public static function byChance(array $order, Randomizer $random, int $many): array
    {
        $a = $random->getInt(0, $many - 1);
        if (0 === $random->getInt(0, 2)) {
            return self::jobMoved($order, $order[$a], $random);
        }
        $b = $random->getInt(0, 1) > 0
            ? $random->getInt(0, $many - 1)
            : max(0, min($many - 1, $a + $random->getInt(-12, 12)));
        if ($order[$a] === $order[$b]) {
            return [null, $many];
        }
        if ($random->getInt(0, 2) > 0) {
            $job = $order[$a];
            array_splice($order, $a, 1);
            array_splice($order, $b, 0, [$job]);
        } else {
            [$order[$a], $order[$b]] = [$order[$b], $order[$a]];
        }

        return [array_values($order), min($a, $b)];
    }

    /**
     * All steps of a job behind each other, somewhere else.
     *
     * @param list<int> $order
     *
     * @return array{list<int>, int}
     */
    private static function jobMoved(array $order, int $job, Randomizer $random): array
    {
        $steps = array_keys($order, $job, true);
        $others = array_values(array_filter($order, static fn (int $other): bool => $other !== $job));
        $to = $random->getInt(0, \count($others));
        array_splice($others, $to, 0, array_fill(0, \count($steps), $job));

        return [$others, min($to, $steps[0])];
    }
}
