<?php

declare(strict_types=1);

namespace Yelbo\Trade\Knife;

/** A first order of contours: always the nearest one that may come next, begun at its nearest corner. */
final class NearestFirst
{
    /** Of a contour so many corners at most are thought of as its beginning. */
    private const CORNERS = 16;

    private function __construct()
    {
    }

    /**
     * @param list<list<array{int, int}>> $rings   corners, µm
     * @param list<list<int>>             $holders contours that must come after each
     *
     * @return list<array{int, array{int, int}}> contours in order, each with the corner it begins at
     */
    public static function way(array $rings, array $holders): array
    {
        $way = [];
        $some = array_map(self::some(...), $rings);
        $waitsFor = array_fill(0, \count($rings), 0);
        foreach ($holders as $of) {
            foreach ($of as $holder) {
                ++$waitsFor[$holder];
            }
        }
        $waiting = array_fill_keys(array_keys($rings), true);
        $at = [0, 0];
        while ([] !== $waiting) {
            $best = null;
            $least = \INF;
            foreach ($waiting as $contour => $_) {
                if ($waitsFor[$contour] > 0) {
                    continue;
                }
                foreach ($some[$contour] as $corner) {
                    $far = ($corner[0] - $at[0]) ** 2 + ($corner[1] - $at[1]) ** 2;
                    if ($far < $least) {
                        $least = $far;
                        $best = [$contour, $corner];
                    }
                }
            }
            [$contour, $at] = $best ?? throw new \LogicException('Two outlines hold each other.');
            $way[] = [$contour, $at];
            foreach ($holders[$contour] as $holder) {
                --$waitsFor[$holder];
            }
            unset($waiting[$contour]);
        }

        return $way;
    }

    /**
     * @param list<array{int, int}> $ring
     *
     * @return list<array{int, int}> evenly along it
     */
    private static function some(array $ring): array
    {
        $step = max(1, intdiv(\count($ring), self::CORNERS));
        $some = [];
        for ($nth = 0; $nth < \count($ring); $nth += $step) {
            $some[] = $ring[$nth];
        }

        return $some;
    }
}
