<?php

declare(strict_types=1);

namespace Yelbo\Trade\Trace;

use Yelbo\Trade\Geometry\Region;
use Yelbo\Trade\Refused;

/**
 * Separates an object from the plain ground it lies on and traces it.
 *
 * The ground's colour is read off the photo's rim. Every pixel has a distance from it, colour
 * weighing more than brightness since shadows differ in brightness only; the threshold that
 * parts the distances best is chosen, the outline runs where they cross it, between pixels,
 * and is smoothed. Source: handbook section 3, "outline (odd shape)".
 */
final class Tracer
{
    /** Of brightness beside colour in a distance. */
    private const BRIGHTNESS = 0.75;
    private const COLOUR = 1.6;
    /** Distances: a plain ground keeps within this of its own colour. */
    private const PLAIN = 34;
    private const LEAST_CONTRAST = 26;
    /** Shares of the photo. */
    private const LEAST_AREA = 0.004;
    private const MOST_AREA = 0.9;
    /** How much the area may change with the threshold before the edge is called unclear. */
    private const UNCLEAR = 0.1;

    /**
     * By the four corners (left top 8, right top 4, right bottom 2, left bottom 1): from which side to which, the
     * object to the right.
     */
    private const WAYS = [
        0 => [],
        1 => [[2, 3]],
        2 => [[1, 2]],
        3 => [[1, 3]],
        4 => [[0, 1]],
        5 => [[0, 3], [2, 1]],
        6 => [[0, 2]],
        7 => [[0, 3]],
        8 => [[3, 0]],
        9 => [[2, 0]],
        10 => [[3, 2], [1, 0]],
        11 => [[1, 0]],
        12 => [[3, 1]],
        13 => [[2, 1]],
        14 => [[3, 2]],
        15 => [],
    ];

    private readonly int $width;
    private readonly int $height;
    /** @var list<int> distance from the ground's colour, 0 to 255 */
    private array $far = [];
    private readonly int $unrest;

    public function __construct(Picture $picture)
    {
        $this->width = $picture->width;
        $this->height = $picture->height;
        if ($this->width < 60 || $this->height < 60) {
            throw new Refused(
                'photo-too-small',
                'This photo is too small to trace. Take one with at least 300 pixels along each side.',
                '/photo',
            );
        }
        [$red, $green, $blue] = $this->ground($picture);
        [$brightness, $colour] = [self::BRIGHTNESS, self::COLOUR];
        foreach ($picture->pixels as $pixel) {
            $r = (($pixel >> 16) & 255) - $red;
            $g = (($pixel >> 8) & 255) - $green;
            $b = ($pixel & 255) - $blue;
            $light = 0.3 * $r + 0.59 * $g + 0.11 * $b;
            $r -= $light;
            $g -= $light;
            $b -= $light;
            $far = sqrt($brightness * $light * $light + $colour * ($r * $r + $g * $g + $b * $b));
            $this->far[] = $far > 255 ? 255 : (int) $far;
        }
        $rim = array_map(fn (int $at): int => $this->far[$at], $this->rim());
        sort($rim);
        $this->unrest = $rim[(int) (0.85 * (\count($rim) - 1))];
    }

    /**
     * @param int|null $threshold 1 to 254; the one that parts best where left out
     *
     * @throws Refused with what to do better, where no object can be told from the ground
     */
    public function trace(?int $threshold = null): Traced
    {
        if ($this->unrest > self::PLAIN) {
            throw new Refused(
                'ground-not-plain',
                'The ground round the object is not plain: it has a pattern, a strong shadow or things lying about. '
                    .'Lay the object on one sheet of plain paper in a contrasting colour and take the photo again.',
                '/photo',
            );
        }
        $chosen = max(1, min(254, $threshold ?? $this->parting()));
        $outline = $this->outline($chosen);
        $area = abs($outline[1]) / ($this->width * $this->height);
        if ([] === $outline[0] || $area < self::LEAST_AREA) {
            throw new Refused(
                'no-object',
                'No object stands out from the ground. Take a ground of another colour, and more light.',
                '/photo',
            );
        }
        if ($area > self::MOST_AREA) {
            throw new Refused(
                'no-ground',
                'The object fills the whole photo. Step back until there is plain ground all round it.',
                '/photo',
            );
        }
        if ($this->touchesRim($outline[0])) {
            throw new Refused(
                'object-cropped',
                'The object runs out of the photo. Step back until there is plain ground all round it.',
                '/photo',
            );
        }

        return new Traced(Smoothing::smooth($outline[0]), $chosen, $this->doubts($chosen, $area));
    }

    /** @return list<string> */
    private function doubts(int $threshold, float $area): array
    {
        $doubts = [];
        $loose = abs($this->outline(max(1, (int) ($threshold * 0.7)))[1]) / ($this->width * $this->height);
        $tight = abs($this->outline(min(254, (int) ($threshold * 1.35)))[1]) / ($this->width * $this->height);
        if ($loose > $area * (1 + self::UNCLEAR)) {
            $doubts[] =
                'A soft shadow lies along the edge. Take the photo in even light from both sides, or move the slider '
                    .'until the line follows the object.';
        }
        if ($tight < $area * (1 - self::UNCLEAR)) {
            $doubts[] =
                'A part of the object is nearly the colour of the ground. Check the line there, or take a ground of '
                    .'another colour.';
        }

        return $doubts;
    }

    /** @return array{int, int, int} the middle colour of the rim */
    private function ground(Picture $picture): array
    {
        $channels = [[], [], []];
        foreach ($this->rim() as $at) {
            $pixel = $picture->pixels[$at];
            $channels[0][] = ($pixel >> 16) & 255;
            $channels[1][] = ($pixel >> 8) & 255;
            $channels[2][] = $pixel & 255;
        }

        return array_map(static function (array $values): int {
            sort($values);

            return $values[intdiv(\count($values), 2)];
        }, $channels);
    }

    /** @return list<int> the places of the pixels along the photo's edge, four deep */
    private function rim(): array
    {
        $places = [];
        for ($deep = 0; $deep < 4; ++$deep) {
            for ($x = 0; $x < $this->width; $x += 2) {
                $places[] = $deep * $this->width + $x;
                $places[] = ($this->height - 1 - $deep) * $this->width + $x;
            }
            for ($y = 4; $y < $this->height - 4; $y += 2) {
                $places[] = $y * $this->width + $deep;
                $places[] = $y * $this->width + $this->width - 1 - $deep;
            }
        }

        return $places;
    }

    /** The threshold with the largest variance between what lies under it and over it. */
    private function parting(): int
    {
        $count = array_count_values($this->far) + array_fill(0, 256, 0);
        $all = \count($this->far);
        $sum = 0.0;
        foreach ($count as $far => $many) {
            $sum += $far * $many;
        }
        $under = $underSum = 0.0;
        $best = [0.0, self::LEAST_CONTRAST];
        for ($far = 0; $far < 256; ++$far) {
            $under += $count[$far];
            $underSum += $far * $count[$far];
            if (0.0 === $under || $under >= $all) {
                continue;
            }
            $between = $under * ($all - $under) * ($underSum / $under - ($sum - $underSum) / ($all - $under)) ** 2;
            if ($between > $best[0]) {
                $best = [$between, $far];
            }
        }

        return max((int) ($this->unrest * 1.2) + 4, min(self::LEAST_CONTRAST + 60, $best[1]));
    }

    /**
     * The largest ring where the distances cross a threshold, and its signed area in pixels.
     *
     * @return array{list<array{float, float}>, float}
     */
    private function outline(int $threshold): array
    {
        $next = $this->crossings($threshold + 0.5);
        $best = [[], 0.0];
        while ([] !== $next) {
            $start = array_key_first($next);
            $ring = [];
            for ($at = $start; isset($next[$at]); $at = $to) {
                [$to, $x, $y] = $next[$at];
                $ring[] = [$x, $y];
                unset($next[$at]);
            }
            if (\count($ring) > 8) {
                $area = Region::signedArea($ring);
                $best = abs($area) > abs($best[1]) ? [$ring, $area] : $best;
            }
        }

        return $best;
    }

    /**
     * Marching squares: for each crossed side of a cell the next one round, and the point where
     * it is crossed. A side is named by its pixel, doubled, odd for the way down.
     *
     * @return array<int, array{int, float, float}>
     */
    private function crossings(float $level): array
    {
        $next = [];
        $far = $this->far;
        $width = $this->width;
        for ($y = 0; $y < $this->height - 1; ++$y) {
            $at = $y * $width;
            $left = ($far[$at] > $level ? 8 : 0) | ($far[$at + $width] > $level ? 1 : 0);
            for ($x = 0; $x < $width - 1; ++$x, ++$at) {
                $right = ($far[$at + 1] > $level ? 4 : 0) | ($far[$at + $width + 1] > $level ? 2 : 0);
                $cell = $left | $right;
                $left = ($right & 4 ? 8 : 0) | ($right & 2 ? 1 : 0);
                if (0 === $cell || 15 === $cell) {
                    continue;
                }
                // Sides: above, to the right, below, to the left.
                $sides = [2 * $at, 2 * ($at + 1) + 1, 2 * ($at + $width), 2 * $at + 1];
                foreach (self::WAYS[$cell] as [$from, $to]) {
                    $next[$sides[$from]] = [$sides[$to], ...$this->crossed($from, $x, $y, $at, $level)];
                }
            }
        }

        return $next;
    }

    /** @return array{float, float} */
    private function crossed(int $side, int $x, int $y, int $at, float $level): array
    {
        $far = $this->far;
        $share = static fn (int $a, int $b): float => ($level - $a) / ($b - $a);

        return match ($side) {
            0 => [$x + 0.5 + $share($far[$at], $far[$at + 1]), $y + 0.5],
            1 => [$x + 1.5, $y + 0.5 + $share($far[$at + 1], $far[$at + $this->width + 1])],
            2 => [$x + 0.5 + $share($far[$at + $this->width], $far[$at + $this->width + 1]), $y + 1.5],
            default => [$x + 0.5, $y + 0.5 + $share($far[$at], $far[$at + $this->width])],
        };
    }

    /** @param non-empty-list<array{float, float}> $ring */
    private function touchesRim(array $ring): bool
    {
        $xs = [$ring[0][0], ...array_column($ring, 0)];
        $ys = [$ring[0][1], ...array_column($ring, 1)];

        return min($xs) < 2
            || min($ys) < 2
            || max($xs) > $this->width - 2
            || max($ys) > $this->height - 2
            || hypot($ring[0][0] - $ring[\count($ring) - 1][0], $ring[0][1] - $ring[\count($ring) - 1][1]) > 3;
    }
}
