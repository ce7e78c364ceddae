<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Object\Ball;

/** How large a decal may be on a ball: strain counts for each connected part. Source: handbook section 3. */
final readonly class PartsOnBall
{
    /** µm: any circle, to measure art by. */
    private const CIRCLE = 100_000;
    /** Size and reach decide each other where rims do not grow with the letters. */
    private const ROUNDS = 6;
    /** Of a size: how finely the largest is found. */
    private const FINE = 0.0008;

    public function __construct(private Typesetter $typesetter)
    {
    }

    /**
     * The largest letter height at which no part of the decal is strained more on a ball, µm.
     *
     * @param int|list<int>|null $offset
     */
    public function lyingFlat(
        Ball $ball,
        Words $words,
        Fitted $fitted,
        int|array|null $offset,
        float $strain,
    ): int {
        $allowed = $ball->reach($strain);
        $rim = max([0, ...(array) $offset]);
        $chosen = $fitted->capHeight;
        $reach = self::reach($fitted->artwork->outermost());
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $better = (int) floor(($chosen * max(1, $allowed - $rim)) / max(1, $reach - $rim));
            if ($better < Typesetter::SMALLEST) {
                return Typesetter::SMALLEST;
            }
            $layers = $this->typesetter->films->layers(
                $words,
                $this->typesetter->top($words, $better),
                $better,
                $offset,
            );
            $reach = self::reach($layers->outermost());
            if ($reach <= $allowed && $better - $chosen <= self::FINE * $chosen) {
                return $better;
            }
            $chosen = $better;
        }

        return $chosen;
    }

    /** How far the largest connected part reaches from its own middle: the smallest circle round it, µm. */
    public static function reach(Region $film): float
    {
        $circle = ConvexArea::ellipse(0, 0, self::CIRCLE, self::CIRCLE);
        $most = 0.0;
        foreach ($film->polygons as $polygon) {
            $part = new Region([[$polygon[0]]]);
            $box = $part->box();
            if (hypot($box->width(), $box->height()) / 2 > $most) {
                $most = max($most, self::CIRCLE / max(1e-9, $circle->largest($part)->scale()));
            }
        }

        return $most;
    }
}
