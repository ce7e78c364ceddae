<?php

declare(strict_types=1);

namespace Yelbo\Trade\Knife;

/**
 * The way of the holder so that the tip of a drag knife follows an outline.
 *
 * The tip trails the holder by the blade's offset. So the holder runs ahead by that much on
 * every straight, and at a corner swings round it while the tip stays put. Past the start it
 * goes on for the overcut. Source: handbook section 8.
 */
final readonly class DragKnife
{
    /** Under this turn (radians) the blade follows by itself. */
    private const SWING = 0.12;
    /** Radians a step of the swing. */
    private const STEP = 0.35;
    /** µm: shorter runs than this give no direction to trust. */
    private const SHORTEST = 2;

    public function __construct(private Machine $machine)
    {
    }

    /**
     * @param list<array{int, int}> $ring closed, µm
     *
     * @return list<array{float, float}> the holder's way, µm, knife down all along
     */
    public function way(array $ring): array
    {
        $runs = $this->runs($ring);
        if ([] === $runs) {
            return [];
        }
        $ahead = $this->machine->bladeOffset;
        $way = [];
        $last = null;
        foreach ($runs as [$from, $to, $heading]) {
            if (null !== $last) {
                array_push($way, ...$this->swing($from, $last, $heading));
            } else {
                $way[] = self::beside($from, $heading, $ahead);
            }
            $way[] = self::beside($to, $heading, $ahead);
            $last = $heading;
        }

        return $way;
    }

    /**
     * The ring's straights, then as many again as the overcut takes.
     *
     * @param list<array{int, int}> $ring
     *
     * @return list<array{array{float, float}, array{float, float}, float}>
     */
    private function runs(array $ring): array
    {
        $runs = [];
        $count = \count($ring);
        $from = $ring[0];
        for ($i = 1; $i <= $count; ++$i) {
            $to = $ring[$i % $count];
            if ($i < $count && hypot($to[0] - $from[0], $to[1] - $from[1]) < self::SHORTEST) {
                continue;
            }
            $runs[] = [
                [(float) $from[0], (float) $from[1]],
                [(float) $to[0], (float) $to[1]],
                atan2($to[1] - $from[1], $to[0] - $from[0]),
            ];
            $from = $to;
        }
        $left = (float) $this->machine->overcut;
        for ($i = 0, $round = \count($runs); $left > 0 && $i < $round; ++$i) {
            [$from, $to, $heading] = $runs[$i];
            $long = hypot($to[0] - $from[0], $to[1] - $from[1]);
            $share = $long > 0 ? min(1.0, $left / $long) : 1.0;
            $runs[] = [
                $from,
                [$from[0] + $share * ($to[0] - $from[0]), $from[1] + $share * ($to[1] - $from[1])],
                $heading,
            ];
            $left -= $long;
        }

        return $runs;
    }

    /**
     * @param array{float, float} $corner
     *
     * @return list<array{float, float}>
     */
    private function swing(array $corner, float $from, float $to): array
    {
        $turn = atan2(sin($to - $from), cos($to - $from));
        $ahead = $this->machine->bladeOffset;
        if (0 === $ahead || abs($turn) < self::SWING) {
            return 0 === $ahead ? [] : [self::beside($corner, $to, $ahead)];
        }
        $steps = max(1, (int) ceil(abs($turn) / self::STEP));
        $way = [];
        for ($i = 1; $i <= $steps; ++$i) {
            $way[] = self::beside($corner, $from + ($turn * $i) / $steps, $ahead);
        }

        return $way;
    }

    /**
     * @param array{float, float} $point
     *
     * @return array{float, float}
     */
    private static function beside(array $point, float $heading, int $ahead): array
    {
        return [$point[0] + $ahead * cos($heading), $point[1] + $ahead * sin($heading)];
    }
}
