<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Inscribed;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Geometry\Room;

/** The circle that words in a ring take where they go round a badge or a hole. Source: handbook section 4. */
final readonly class RingRound
{
    /** µm: what the curves of a ring drawn at one size stand off those at another. */
    private const ROUGH_RING = 25;
    /** The circle and the letters on it decide each other: after so many rounds they agree. */
    private const RING_ROUNDS = 4;

    public function __construct(private Typesetter $typesetter)
    {
    }

    /**
     * A ring round a badge or a hole takes the circle that gives it the largest letters, or that
     * leaves letters of a given height in the middle of what is free.
     *
     * @param array{float, float} $middle of the object, µm
     *
     * @return array{Words, int|null} and the largest letter height where the hole decides it, µm
     */
    public function ringed(Words $words, Room $inner, array $middle, ?int $capHeight): array
    {
        $setting = $words->setting;
        $region = $inner->region();
        if (
            Arrangement::Ring !== $setting->arrangement
            || null !== $setting->radius
            || null !== $setting->bow
            || 0 === $region->holes()
        ) {
            return [$words, null];
        }
        [$x, $y] = $middle;
        $hole = self::holeRound($region, $x, $y);
        if ($hole <= 0) {
            return [$words, null];
        }
        $limit =
            abs(
                Inscribed::depth(
                    $region->filled(),
                    $x,
                    $y,
                ),
            ) - self::ROUGH_RING;
        $hole += self::ROUGH_RING;
        $natural = $this->typesetter->bow($words);
        $bow = max($natural, 1.5);
        $largest = 0.0;
        for ($round = 0; $round < self::RING_ROUNDS; ++$round) {
            [$out, $in] = $this->typesetter->ringReaches($words->with($setting->bowed($bow)));
            $largest = ($limit - $hole) / ($out + $in);
            if ($largest * ($natural - $in) > $hole) {
                $largest = $limit / ($natural + $out);
            }
            $cap = min($largest, $capHeight ?? $largest);
            $bow = round(max($natural, ($hole + $limit) / (2 * max(1, $cap)) - ($out - $in) / 2), 5);
        }

        return $largest < Typesetter::SMALLEST
            ? [$words, null]
            : [$words->with($setting->bowed($bow)), (int) floor($largest)];
    }

    /** The furthest point of the hole about a point, µm; 0 where there is none. */
    private static function holeRound(Region $region, float $x, float $y): float
    {
        $far = 0.0;
        foreach ($region->polygons as $polygon) {
            foreach (\array_slice($polygon, 1) as $hole) {
                if (Inscribed::depth(new Region([[array_reverse($hole)]]), $x, $y) > 0) {
                    $far = max([
                        $far,
                        ...array_map(static fn (array $point): float => hypot($point[0] - $x, $point[1] - $y), $hole),
                    ]);
                }
            }
        }

        return $far;
    }
}
