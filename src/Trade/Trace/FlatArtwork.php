<?php

declare(strict_types=1);

namespace Yelbo\Trade\Trace;

use Yelbo\Trade\Refused;

/**
 * A picture of flat colours, told apart: every pixel is one of a few colours or the ground. Pixels between two colours,
 * as edges are drawn, go to the nearer one of those they lie between. A photograph has no flat colours and is refused.
 */
final readonly class FlatArtwork
{
    /** So many colours can be told apart, and cut. */
    public const MOST_COLOURS = 8;
    /** What is see-through is ground, whatever its colour. */
    public const CLEAR = -1;
    /** Of a colour, each way of red, green and blue together: so near are all pixels of one flat colour. */
    private const SAME = 24;
    /** Nearer than that two colours are one that was drawn unevenly. */
    private const ALIKE = 60;
    /** Of all pixels: a colour with less is an edge or a speck. */
    private const LEAST = 0.002;
    /** Of all pixels: flat artwork has so many that are of a flat colour; a photograph has not. */
    private const FLAT = 0.86;
    /** Of the picture's rim: what fills so much of it is the ground. */
    private const GROUND = 0.5;
    /** How far from an edge its colours are looked for, pixels. */
    private const EDGE = 3;

    /**
     * @param list<int> $colours 0xRRGGBB, the one with most pixels first; the ground is none of them
     * @param string    $classes a byte a pixel: which of the colours, from 1; "\0" for the ground
     */
    private function __construct(public array $colours, public int $width, public int $height, public string $classes)
    {
    }

    /**
     * @param int $width pixels
     * @param int $height pixels
     * @param list<int> $pixels   0xRRGGBB each, or `CLEAR`, row after row
     * @param int|null  $colours  at the most; as many as there are where left out
     *
     * @throws Refused for a photograph, and where there is nothing but ground
     */
    public static function of(int $width, int $height, array $pixels, ?int $colours = null): self
    {
        $flatColours = self::flatColours($pixels);
        // By their class: the ground is 0.
        $found = [] === $flatColours ? [] : array_combine(range(1, \count($flatColours)), $flatColours);
        $nearest = [];
        $sure = $classes = [];
        $flat = 0;
        foreach ($pixels as $at => $pixel) {
            [$class, $isSure] = $nearest[$pixel] ??= self::nearest($pixel, $found);
            $classes[$at] = $class;
            $sure[$at] = $isSure;
            $flat += (int) $isSure;
        }
        if ([] === $found || $flat < self::FLAT * \count($pixels)) {
            throw new Refused(
                'photograph',
                'This looks like a photograph: its colours run into each other. What is cut from film has flat '
                    .'colours; bring a drawing, or print the photo.',
                '/art',
            );
        }
        $classes = self::edges($width, $height, $pixels, $classes, $sure, $found);
        $ground = self::ground($width, $height, $classes);

        return self::kept($found, $classes, $width, $height, $ground, $colours);
    }

    /** Where a colour lies: "\1" a pixel where it does. */
    public function mask(int $nth): string
    {
        $map = str_repeat("\0", 256);
        $map[$nth + 1] = "\1";

        return strtr($this->classes, implode('', array_map(chr(...), range(0, 255))), $map);
    }

    /**
     * @param list<int> $pixels
     *
     * @return list<int>
     */
    private static function flatColours(array $pixels): array
    {
        $counts = array_count_values($pixels);
        unset($counts[self::CLEAR]);
        // Of shades that hardly differ the one that is there most often stands for all.
        $bins = [];
        foreach ($counts as $colour => $count) {
            $bin = (($colour >> 19) << 10) | ((($colour >> 11) & 31) << 5) | (($colour >> 3) & 31);
            $bins[$bin] ??= [0, 0, 0];
            $bins[$bin][0] += $count;
            if ($count > $bins[$bin][1]) {
                $bins[$bin][1] = $count;
                $bins[$bin][2] = $colour;
            }
        }
        usort($bins, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        $colours = [];
        foreach ($bins as [$count, , $colour]) {
            if ($count < self::LEAST * \count($pixels) || \count($colours) > self::MOST_COLOURS) {
                break;
            }
            foreach ($colours as $known) {
                if (self::apart($colour, $known) < self::ALIKE) {
                    continue 2;
                }
            }
            $colours[] = $colour;
        }

        return $colours;
    }

    /** The sum of the differences of red, green and blue. */
    private static function apart(int $one, int $other): int
    {
        return abs(($one >> 16) - ($other >> 16)) +
            abs((($one >> 8) & 255) - (($other >> 8) & 255)) +
            abs(($one & 255) - ($other & 255));
    }

    /**
     * @param array<int, int> $colours by their class, from 1
     *
     * @return array{int, bool} which colour, from 1, and whether it is that one for sure; 0 for what is see-through
     */
    private static function nearest(int $pixel, array $colours): array
    {
        if (self::CLEAR === $pixel) {
            return [0, true];
        }
        $best = 0;
        $least = \PHP_INT_MAX;
        foreach ($colours as $class => $colour) {
            $apart = self::apart($pixel, $colour);
            if ($apart < $least) {
                [$best, $least] = [$class, $apart];
            }
        }

        return [$best, $least <= self::SAME];
    }

    /**
     * Pixels of no flat colour lie on an edge: they are of the nearer of the colours beside them, and never of a third
     * that only looks like the mixture.
     *
     * @param list<int>        $pixels
     * @param array<int, int>  $classes
     * @param array<int, bool> $sure
     * @param array<int, int>  $colours by their class, from 1
     *
     * @return array<int, int>
     */
    private static function edges(
        int $width,
        int $height,
        array $pixels,
        array $classes,
        array $sure,
        array $colours,
    ): array {
        $settled = $classes;
        foreach ($sure as $at => $isSure) {
            if ($isSure) {
                continue;
            }
            [$x, $y] = [$at % $width, intdiv($at, $width)];
            $beside = [];
            for ($away = 1; $away <= self::EDGE && \count($beside) < 2; ++$away) {
                for ($dy = -$away; $dy <= $away; ++$dy) {
                    for ($dx = -$away; $dx <= $away; ++$dx) {
                        $there = $at + $dy * $width + $dx;
                        if (
                            $x + $dx >= 0 && $x + $dx < $width && $y + $dy >= 0 && $y + $dy < $height && $sure[$there]
                        ) {
                            $beside[$classes[$there]] = true;
                        }
                    }
                }
            }
            $least = \PHP_INT_MAX;
            foreach (array_keys($beside) as $class) {
                $apart = isset($colours[$class]) ? self::apart($pixels[$at], $colours[$class]) : self::SAME;
                if ($apart < $least) {
                    [$settled[$at], $least] = [$class, $apart];
                }
            }
        }

        return $settled;
    }

    /**
     * @param array<int, int> $classes
     *
     * @return int which colour fills the rim of the picture; 0 where it is see-through or none does
     */
    private static function ground(int $width, int $height, array $classes): int
    {
        $rim = [];
        for ($x = 0; $x < $width; ++$x) {
            $rim[] = $classes[$x];
            $rim[] = $classes[($height - 1) * $width + $x];
        }
        for ($y = 0; $y < $height; ++$y) {
            $rim[] = $classes[$y * $width];
            $rim[] = $classes[($y + 1) * $width - 1];
        }
        $counts = array_count_values($rim);
        arsort($counts);
        $most = (int) array_key_first($counts);

        return $counts[$most] >= self::GROUND * \count($rim) ? $most : 0;
    }

    /**
     * The colours that are cut, those with most pixels first; of too many the least go to the nearest that stay.
     *
     * @param array<int, int> $found   by their class, from 1
     * @param array<int, int> $classes
     */
    private static function kept(
        array $found,
        array $classes,
        int $width,
        int $height,
        int $ground,
        ?int $most,
    ): self {
        $counts = array_count_values($classes);
        unset($counts[0], $counts[$ground]);
        arsort($counts);
        if ([] === $counts) {
            throw new Refused('nothing-to-cut', 'There is nothing on this picture but its ground.', '/art');
        }
        $most = max(1, min(self::MOST_COLOURS, $most ?? self::MOST_COLOURS));
        $colours = array_intersect_key($found, $counts);
        $stay = \array_slice(array_replace($counts, $colours), 0, $most, true);
        $places = array_flip(array_keys($stay));
        $into = array_fill(0, \count($found) + 1, 0);
        foreach ($colours as $class => $colour) {
            $into[$class] = 1 + $places[self::nearest($colour, $stay)[0]];
        }
        $bytes = '';
        foreach (array_chunk($classes, max(1, $width)) as $row) {
            $bytes .= implode('', array_map(static fn (int $class): string => \chr($into[$class]), $row));
        }

        return new self(
            array_values($stay),
            $width,
            $height,
            $bytes,
        );
    }
}
