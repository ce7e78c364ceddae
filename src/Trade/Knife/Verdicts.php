<?php

declare(strict_types=1);

namespace Yelbo\Trade\Knife;

/**
 * How well what was judged of a film on a blade goes with each wear, each width of the window and each force at which
 * the film may begin to be cut. Source: handbook section 8, "Test cut first".
 */
final class Verdicts
{
    /** Of its force, for each metre a blade cuts. */
    public const WEARS = [0.000_2, 0.000_35, 0.000_5, 0.000_65, 0.000_8, 0.000_95, 0.001_1, 0.001_25, 0.001_5];
    /** Of the force at which it begins to be cut: how much more cuts the liner. */
    public const WIDTHS = [0.12, 0.15, 0.18, 0.21, 0.24, 0.27, 0.30, 0.33];
    /** An edge is this wide: forces between two points of the grid are told from each other. */
    private const EDGE = 0.001;
    /** So many verdicts are wrong. */
    private const WRONG = 0.002;
    /** Verdicts of a film on a blade that are weighed: the newest. */
    private const MOST = 60;

    private function __construct()
    {
    }

    /**
     * What was judged of a film on a blade, for each combination.
     *
     * @param list<JudgedCut> $cuts
     * @param array<int, float>     $begins grams
     *
     * @return array<int, array<int, array<int, float>>>
     */
    public static function likely(array $cuts, array $begins): array
    {
        $cuts = \array_slice($cuts, -self::MOST);
        $windows = array_map(static fn (float $width): float => log(1 + $width), self::WIDTHS);
        $likely = [];
        foreach ($begins as $at => $begin) {
            foreach (self::WEARS as $nth => $wear) {
                $row = array_fill(0, \count(self::WIDTHS), 1.0);
                foreach ($cuts as $cut) {
                    $now = log($cut->force / ($begin * (1 + $wear * $cut->metres)));
                    $row = self::weighedBy($cut->verdict, $now, $windows, $row);
                }
                $likely[$at][$nth] = $row;
            }
        }

        return $likely;
    }

    /**
     * @param float       $over   the logarithm of the force's share of that at which the film begins to be cut
     * @param array<int, float> $windows of each width, as a logarithm
     * @param array<int, float> $row    what was likely before, by width
     *
     * @return array<int, float>
     */
    private static function weighedBy(CutVerdict $verdict, float $over, array $windows, array $row): array
    {
        $through = self::passed($over);
        foreach ($windows as $wide => $window) {
            $deep = CutVerdict::Shallow === $verdict ? 0.0 : self::passed($over - $window);
            $odds = match ($verdict) {
                CutVerdict::Shallow => 1 - $through,
                CutVerdict::Clean => $through - $deep,
                CutVerdict::Deep => $deep,
            };
            $row[$wide] *= self::WRONG + (1 - self::WRONG) * $odds;
        }

        return $row;
    }

    /** The chance that an edge lies below, from 0 to 1: sure but near it. */
    private static function passed(float $over): float
    {
        return match (true) {
            $over > 8 * self::EDGE => 1.0,
            $over < -8 * self::EDGE => 0.0,
            default => 1 / (1 + exp(-$over / self::EDGE)),
        };
    }
}
