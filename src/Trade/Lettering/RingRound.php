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
    /** Of the area of its box's square: what flattening takes off an oval. */
    private const OVAL = 0.02;
    /** Of a height: where it is looked for whether it fits, and how finely. */
    private const NEAR_ABOVE = 1.03;
    private const NEAR_BELOW = 0.97;
    private const FINE = 0.002;

    public function __construct(private Typesetter $typesetter)
    {
    }

    /**
     * A ring round a badge or a hole takes the circle that gives it the largest letters, or that
     * leaves letters of a given height in the middle of what is free.
     *
     * @param array{float, float} $middle  of the object, µm
     * @param bool                $exactly else what is to be sketched only
     *
     * @return array{Words, int|null} and the largest letter height where the hole decides it, µm
     */
    public function ringed(
        Words $words,
        Room $inner,
        array $middle,
        ?int $capHeight,
        bool $exactly = true,
    ): array {
        $setting = $words->setting;
        $region = $inner->region();
        if (
            !$setting->isRing()
            || null !== $setting->radius
            || null !== $setting->bow
            || 0 === $region->holes()
        ) {
            return [$words, null];
        }
        [$x, $y] = $middle;
        $band = self::ovalBand($region, $x, $y);
        if (null !== $band) {
            return $this->alongOvals($words, $inner, $middle, $band, $capHeight, $exactly);
        }
        $hole = self::holeRound($region, $x, $y);
        if ($hole <= 0) {
            return [$words, null];
        }
        $limit = abs(Inscribed::depth($region->filled(), $x, $y)) - self::ROUGH_RING;

        return $this->between($words, $hole + self::ROUGH_RING, $limit, $capHeight);
    }

    /**
     * @param float    $hole      radius of what is round inside, µm
     * @param float    $limit     how far it may reach, µm
     *
     * @return array{Words, int|null}
     */
    private function between(Words $words, float $hole, float $limit, ?int $capHeight): array
    {
        $natural = $this->typesetter->bow($words);
        $bow = max($natural, 1.5);
        $largest = 0.0;
        for ($round = 0; $round < self::RING_ROUNDS; ++$round) {
            [$out, $in] = $this->reaches($words, $bow);
            $largest = ($limit - $hole) / ($out + $in);
            if ($largest * ($natural - $in) > $hole) {
                $largest = $limit / ($natural + $out);
            }
            $cap = min($largest, $capHeight ?? $largest);
            $bow = round(max($natural, ($hole + $limit) / (2 * max(1, $cap)) - ($out - $in) / 2), 5);
        }

        return $largest < Typesetter::SMALLEST
            ? [$words, null]
            : [$words->with($words->setting->bowed($bow)), (int) floor($largest)];
    }

    /**
     * Letters along a band between two ovals: their baseline is an oval between the two.
     *
     * @param array{float, float}                 $middle µm
     * @param array{float, float, float, float}   $band   half the sides of the inner and of the outer one, µm
     *
     * @return array{Words, int|null}
     */
    private function alongOvals(
        Words $words,
        Room $inner,
        array $middle,
        array $band,
        ?int $capHeight,
        bool $exactly,
    ): array {
        $band = [
            $band[0] + self::ROUGH_RING,
            $band[1] + self::ROUGH_RING,
            $band[2] - self::ROUGH_RING,
            $band[3] - self::ROUGH_RING,
        ];
        $natural = $this->typesetter->bow($words);
        [$most, $least] = [($band[2] + $band[3]) / 2, ($band[0] + $band[1]) / 2];
        $width = (new Oval($band[0], $band[1]))->leastTo($band[2], $band[3]);
        $bow = max($natural, 1.5);
        $largest = $out = $in = 0.0;
        for ($round = 0; $round < self::RING_ROUNDS; ++$round) {
            [$out, $in] = $this->reaches($words, $bow);
            $largest = $width / ($out + $in);
            if ($largest * ($natural - $in) > $least) {
                $largest = $most / ($natural + $out);
            }
            $bow = max($natural, ($least + $most) / (2 * max(1, $largest)) - ($out - $in) / 2);
        }
        if ($largest < Typesetter::SMALLEST) {
            return [$words, null];
        }
        $along = static function (int $height) use ($words, $band, $natural, $out, $in): Words {
            $across = ($band[0] + $band[2]) / 2 / $height - ($out - $in) / 2;
            $down = ($band[1] + $band[3]) / 2 / $height - ($out - $in) / 2;
            // Words that need a longer way round stand further out.
            $more = max(0.0, $natural - ($across + $down) / 2);

            return $words->with($words->setting->bowed(round($across + $more, 5), round($down + $more, 5)));
        };
        $told = (int) floor($largest);
        if ($exactly) {
            $told = $this->fitting($along, $inner, $middle, $told);
        }

        return [$along(max(1, min($told, $capHeight ?? $told))), $told];
    }

    /**
     * The largest height near one at which all of it lies inside: the normal width of a band between two ovals is not
     * that at its ends.
     *
     * @param \Closure(int): Words $along
     * @param array{float, float}  $middle µm
     */
    private function fitting(\Closure $along, Room $inner, array $middle, int $near): int
    {
        $at = [(int) round($middle[0]), (int) round($middle[1])];
        $holds = fn (int $height): bool => $height >= Typesetter::SMALLEST
            && $inner->holds($this->typesetter->top($along($height), $height), $at);
        [$fits, $fails] = [0, (int) ceil($near * self::NEAR_ABOVE)];
        for ($try = $near; $try >= $near / 2; $try = (int) floor($try * self::NEAR_BELOW)) {
            if ($holds($try)) {
                $fits = $try;
                break;
            }
            $fails = $try;
        }
        while ($fits > 0 && $fails - $fits > self::FINE * $fits) {
            $try = intdiv($fits + $fails, 2);
            [$fits, $fails] = $holds($try) ? [$try, $fails] : [$fits, $try];
        }

        return $fits;
    }

    /**
     * Half the sides of the inner and the outer outline where what is free is a band between two true ovals.
     *
     * @return array{float, float, float, float}|null µm; none where it is not, or both are circles
     */
    private static function ovalBand(Region $region, float $x, float $y): ?array
    {
        if (1 !== \count($region->polygons) || 2 !== \count($region->polygons[0])) {
            return null;
        }
        $halves = [];
        foreach ([$region->polygons[0][1], $region->polygons[0][0]] as $ring) {
            $one = new Region([[array_reverse($ring)]]);
            $box = $one->box();
            [$across, $down] = [$box->width() / 2, $box->height() / 2];
            $isOval = abs(abs($one->area() * 1e6) - \M_PI * $across * $down) < self::OVAL * $across * $down;
            if (!$isOval || hypot($box->left + $across - $x, $box->top + $down - $y) > self::ROUGH_RING) {
                return null;
            }
            $halves = [...$halves, $across, $down];
        }

        return abs($halves[0] - $halves[1]) < self::ROUGH_RING && abs($halves[2] - $halves[3]) < self::ROUGH_RING
            ? null
            : [$halves[0], $halves[1], $halves[2], $halves[3]];
    }

    /**
     * How far letters reach beyond the circle they stand on, outwards and inwards, as shares of the letter height; with
     * the film round them where they are cut out of a band. Measured by the letters alone: that is quick.
     *
     * @return array{float, float}
     */
    private function reaches(Words $words, float $bow): array
    {
        $setting = $words->setting->bowed($bow);
        $isBand = Arrangement::Knockout === $setting->arrangement;
        [$out, $in] = $this->typesetter->ringReaches(
            $words->with($isBand ? $setting->arranged(Arrangement::Ring) : $setting),
        );

        return $isBand ? [$out + Frames::BAND, $in + Frames::BAND] : [$out, $in];
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
