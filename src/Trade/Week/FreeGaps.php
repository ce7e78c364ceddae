<?php

declare(strict_types=1);

namespace Yelbo\Trade\Week;

/**
 * Stretches of time that are free, in order, none touching another; s since now, each with when it begins and ends.
 *
 * @phpstan-type Gaps list<array{int, int}>
 */
final class FreeGaps
{
    public const FOR_EVER = 4_000_000_000;

    private function __construct()
    {
    }

    /**
     * What is left of gaps.
     *
     * @param Gaps $gaps
     * @param Gaps $busy in no order
     *
     * @return Gaps
     */
    public static function less(array $gaps, array $busy): array
    {
        foreach ($busy as [$from, $to]) {
            self::take($gaps, $from, $to);
        }

        return $gaps;
    }

    /**
     * When so much more is done, where whole days are free for it.
     *
     * @param list<array{int, int}> $stretches of the hand's hours
     * @param int                   $next      the stretch it goes on in
     * @param int                   $left      s
     * @param array<int, int>       $free      of the hand: until when, by from when
     */
    public static function until(array $stretches, int $next, int $left, array $free): ?int
    {
        for (; $left > 0 && isset($stretches[$next]); ++$next) {
            [$from, $to] = $stretches[$next];
            $until = min($to, $from + $left);
            if (($free[$from] ?? -1) < $until) {
                return null;
            }
            $left -= $until - $from;
            if ($left <= 0) {
                return $until;
            }
        }

        return null;
    }

    /**
     * The place of the first gap that ends after a moment.
     *
     * @param Gaps $gaps
     */
    public static function first(array $gaps, int $moment): int
    {
        $low = 0;
        $high = \count($gaps);
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($gaps[$middle][1] <= $moment) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }

    /** @param Gaps $gaps */
    public static function fit(array $gaps, int $least, int $seconds): int
    {
        for ($at = self::first($gaps, $least), $many = \count($gaps); $at < $many; ++$at) {
            [$from, $to] = $gaps[$at];
            $start = $from > $least ? $from : $least;
            if ($to - $start >= $seconds) {
                return $start;
            }
        }

        return self::FOR_EVER;
    }

    /** @param Gaps $gaps */
    public static function take(array &$gaps, int $from, int $to): void
    {
        if ($from === $to) {
            return;
        }
        $first = self::first($gaps, $from);
        $last = $first;
        $kept = [];
        while (isset($gaps[$last]) && $gaps[$last][0] < $to) {
            [$opens, $closes] = $gaps[$last++];
            if ($opens < $from) {
                $kept[] = [$opens, $from];
            }
            if ($closes > $to) {
                $kept[] = [$to, $closes];
            }
        }
        array_splice($gaps, $first, $last - $first, $kept);
    }
}
