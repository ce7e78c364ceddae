<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/**
 * Loose rings into a region by the non-zero rule, as faces and SVG paths mean them, or by the even-odd one.
 *
 * Rings of a letter may cross each other and themselves (a script's loop); every face
 * they enclose is film where the outlines wind round it at least once net.
 *
 * @phpstan-import-type Ring from Region
 */
final class Winding
{
    private function __construct()
    {
    }

    /** @param list<Ring> $rings in whole µm */
    public static function region(array $rings, bool $evenOdd = false): Region
    {
        $rings = array_values(array_filter(array_map(self::clean(...), $rings)));
        if ([] === $rings) {
            return Region::none();
        }
        if (1 === \count($rings)) {
            $alone = new Region([[$rings[0]]]);
            if (Geos::tidy($alone) === $alone) {
                return new Region([[Region::signedArea($rings[0]) > 0 ? $rings[0] : array_reverse($rings[0])]]);
            }
        }
        $film = [];
        foreach (Geos::faces($rings) as $face) {
            $winds = self::around(Geos::pointInside($face), $rings);
            if ($evenOdd ? 0 !== $winds % 2 : 0 !== $winds) {
                $film[] = $face;
            }
        }

        return Geos::union($film);
    }

    /**
     * How often the rings wind round a point, net.
     *
     * @param array{float, float} $point
     * @param list<Ring>          $rings
     */
    public static function around(array $point, array $rings): int
    {
        [$x, $y] = $point;
        $winds = 0;
        foreach ($rings as $ring) {
            [$px, $py] = $ring[\count($ring) - 1];
            foreach ($ring as [$qx, $qy]) {
                if (($py <= $y) !== ($qy <= $y)) {
                    $left = ($qx - $px) * ($y - $py) - ($x - $px) * ($qy - $py);
                    if ($py <= $y && $left > 0) {
                        ++$winds;
                    } elseif ($py > $y && $left < 0) {
                        --$winds;
                    }
                }
                [$px, $py] = [$qx, $qy];
            }
        }

        return $winds;
    }

    /**
     * Without corners that repeat; nothing where no area is left.
     *
     * @param Ring $ring
     *
     * @return Ring
     */
    private static function clean(array $ring): array
    {
        $clean = [];
        foreach ($ring as $point) {
            if ([] === $clean || $clean[\count($clean) - 1] !== $point) {
                $clean[] = $point;
            }
        }
        while (\count($clean) > 1 && $clean[0] === $clean[\count($clean) - 1]) {
            array_pop($clean);
        }

        return \count($clean) < 3 ? [] : $clean;
    }
}
