<?php

declare(strict_types=1);

namespace Yelbo\Trade\Bench;

/**
 * Where on the wall of a cup its sides lie: a quarter of the way round from the handle. Held in the right hand the
 * drinker sees what lies to the left of it, others what lies to the right, seen from outside; the left hand mirrors it.
 * Source: handbook section 11, "Side of a mug".
 */
enum HandleSide: string
{
    case Outwards = 'outwards';
    case Inwards = 'inwards';
    case Both = 'both';

    /**
     * Middles of the decals.
     *
     * @param int $circumference µm
     * @param int $handle        µm along the wall, to the right seen from outside
     *
     * @return list<array{middle: float, from: float}> µm along the wall, and from the handle, to the left negative
     */
    public function middles(int $circumference, int $handle, bool $rightHand): array
    {
        $outwards = ($rightHand ? 1 : -1) * $circumference / 4;

        return array_map(
            static fn (float $from): array => [
                'middle' => self::round($handle + $from, $circumference),
                'from' => $from,
            ],
            match ($this) {
                self::Outwards => [$outwards],
                self::Inwards => [-$outwards],
                self::Both => [$outwards, -$outwards],
            },
        );
    }

    /**
     * A place on the wall, from 0 to the way round.
     *
     * @param float $at µm round the wall
     * @param int $circumference µm
     */
    public static function round(float $at, int $circumference): float
    {
        $round = fmod($at, $circumference);

        return $round < 0 ? $round + $circumference : $round;
    }
}
