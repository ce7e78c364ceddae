<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/**
 * How often outlines cross themselves and each other, counted before anything is built of them: what crosses itself
 * thousands of times is no outline, and taking it apart would take for ever.
 *
 * Stops where the answer is “too often”. Works in n log n for what is drawn by hand or by a program that draws
 * outlines.
 *
 * @phpstan-type Line list<array{int|float, int|float}>
 */
final class Crossings
{
    /** Crossings of one outline that are still taken apart. */
    private const MOST = 2000;
    /** Crossings times corners: what it costs to tell film from waste afterwards. */
    private const MOST_WORK = 5_000_000;
    /** Pairs of sides that are looked at. */
    private const MOST_LOOKED_AT = 3_000_000;

    private int $count = 0;
    private int $lookedAt = 0;

    private function __construct(private readonly int $most)
    {
    }

    /**
     * @param list<Line> $lines any unit
     * @param bool       $close whether each is closed from its last point to its first
     *
     * @throws UnreadablePath where they cross too often
     */
    public static function refuseTangles(array $lines, bool $close = true): void
    {
        $corners = array_sum(array_map(\count(...), $lines));
        $most = min(self::MOST, intdiv(self::MOST_WORK, max(1, $corners)) + 1);
        if (!(new self($most))->areFew(self::sides($lines, $close))) {
            throw UnreadablePath::absurd(
                'This runs to and fro across itself thousands of times. Draw the outline alone.',
            );
        }
    }

    /**
     * Each side with the lesser end across first.
     *
     * @param list<Line> $lines
     *
     * @return list<array{float, float, float, float}> x, y, x, y
     */
    private static function sides(array $lines, bool $close): array
    {
        $sides = [];
        foreach ($lines as $line) {
            $count = \count($line);
            for ($nth = $close ? 0 : 1; $nth < $count; ++$nth) {
                [$from, $to] = [$line[0 === $nth ? $count - 1 : $nth - 1], $line[$nth]];
                if ($from === $to) {
                    continue;
                }
                $sides[] =
                    $from[0] <= $to[0]
                        ? [(float) $from[0], (float) $from[1], (float) $to[0], (float) $to[1]]
                        : [(float) $to[0], (float) $to[1], (float) $from[0], (float) $from[1]];
            }
        }

        return $sides;
    }

    /** @param list<array{float, float, float, float}> $sides */
    private function areFew(array $sides): bool
    {
        if (\count($sides) < 3) {
            return true;
        }
        $ys = array_merge(array_column($sides, 1), array_column($sides, 3));
        [$top, $height] = [min($ys), max($ys) - min($ys)];
        $across = array_sum(array_map(static fn (array $side): float => $side[2] - $side[0], $sides));
        $down = array_sum(array_map(static fn (array $side): float => abs($side[3] - $side[1]), $sides));
        if ($across > $down) {
            // Swept along the way that fewer of them lie next to each other.
            return $this->areFew(self::turned($sides));
        }
        $strips = max(1, min((int) sqrt(\count($sides)), 1 + (int) (($height * \count($sides)) / max(1e-9, $down))));
        $high = $height / $strips;
        $in = array_fill(0, $strips, []);
        foreach ($sides as $side) {
            [$least, $most] = $side[1] < $side[3] ? [$side[1], $side[3]] : [$side[3], $side[1]];
            $last = min($strips - 1, (int) (($most - $top) / max(1e-9, $high)));
            for ($strip = min($strips - 1, (int) (($least - $top) / max(1e-9, $high))); $strip <= $last; ++$strip) {
                $in[$strip][] = [...$side, $least, $most];
            }
        }
        foreach ($in as $strip => $within) {
            if (!$this->sweep($within, $strip > 0 ? $top + $strip * $high : -\INF)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<array{float, float, float, float}> $sides
     *
     * @return list<array{float, float, float, float}> with across and down exchanged
     */
    private static function turned(array $sides): array
    {
        return array_map(
            static fn (array $side): array => $side[1] <= $side[3]
                ? [$side[1], $side[0], $side[3], $side[2]]
                : [$side[3], $side[2], $side[1], $side[0]],
            $sides,
        );
    }

    /**
     * @param list<array{float, float, float, float, float, float}> $sides with the least and the most of y
     * @param float                                                 $from  what begins above was counted in the strip
     *     above
     */
    private function sweep(array $sides, float $from): bool
    {
        usort($sides, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $count = \count($sides);
        for ($nth = 0; $nth < $count; ++$nth) {
            $one = $sides[$nth];
            for ($other = $nth + 1; $other < $count && $sides[$other][0] <= $one[2]; ++$other) {
                ++$this->lookedAt;
                $two = $sides[$other];
                if ($two[4] > $one[5] || $two[5] < $one[4] || max($one[4], $two[4]) < $from) {
                    continue;
                }
                if (self::cross($one, $two) && ++$this->count > $this->most) {
                    return false;
                }
            }
            if ($this->lookedAt > self::MOST_LOOKED_AT) {
                return false;
            }
        }

        return true;
    }

    /**
     * Whether they go across each other; those that only touch do not.
     *
     * @param array{float, float, float, float, float, float} $one
     * @param array{float, float, float, float, float, float} $two
     */
    private static function cross(array $one, array $two): bool
    {
        [$ax, $ay, $bx, $by] = $one;
        [$cx, $cy, $dx, $dy] = $two;
        $of = ($bx - $ax) * ($cy - $ay) - ($by - $ay) * ($cx - $ax);
        $to = ($bx - $ax) * ($dy - $ay) - ($by - $ay) * ($dx - $ax);
        if (($of > 0) === ($to > 0) || 0.0 === $of || 0.0 === $to) {
            return false;
        }
        $of = ($dx - $cx) * ($ay - $cy) - ($dy - $cy) * ($ax - $cx);
        $to = ($dx - $cx) * ($by - $cy) - ($dy - $cy) * ($bx - $cx);

        return ($of > 0) !== ($to > 0) && 0.0 !== $of && 0.0 !== $to;
    }
}
