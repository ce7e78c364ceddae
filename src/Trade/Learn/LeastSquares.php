<?php

declare(strict_types=1);

namespace Yelbo\Trade\Learn;

/** Weighted least squares drawn to what is known before, and a median. */
final class LeastSquares
{
    private function __construct()
    {
    }

    /**
     * Coefficients, none of them negative: what would be is left out and the rest worked out again.
     *
     * @param non-empty-list<list<float>> $rows
     * @param list<float>                 $targets one for each row
     * @param list<float>                 $weights one for each row
     * @param list<float>                 $prior   one for each column
     * @param float                       $worth   how many rows that counts
     *
     * @return list<float>
     */
    public static function squares(array $rows, array $targets, array $weights, array $prior, float $worth): array
    {
        $columns = array_keys($prior);
        $size = array_map(
            static fn (int $column): float => sqrt(
                array_sum(array_map(static fn (array $row): float => $row[$column] ** 2, $rows)) / \count($rows),
            ),
            $columns,
        );
        $in = array_values(array_filter($columns, static fn (int $column): bool => $size[$column] > 1e-12));
        while ([] !== $in) {
            $found = self::solved($rows, $targets, $weights, $prior, $worth, $size, $in);
            $negative = array_filter($found, static fn (float $one): bool => $one < 0);
            if ([] === $negative) {
                return array_map(static fn (int $column): float => $found[$column] ?? 0.0, $columns);
            }
            asort($negative);
            $in = array_values(array_diff($in, [array_key_first($negative)]));
        }

        return array_map(static fn (): float => 0.0, $columns);
    }

    /** @param non-empty-list<float> $values */
    public static function median(array $values): float
    {
        sort($values);
        $middle = intdiv(\count($values), 2);

        return 1 === \count($values) % 2 ? $values[$middle] : ($values[$middle - 1] + $values[$middle]) / 2;
    }

    /**
     * @param list<list<float>> $rows
     * @param list<float>       $targets
     * @param list<float>       $weights
     * @param list<float>       $prior
     * @param list<float>       $size    of each column, what it is measured by
     * @param list<int>         $in      columns that take part
     *
     * @return array<int, float> by column
     */
    private static function solved(
        array $rows,
        array $targets,
        array $weights,
        array $prior,
        float $worth,
        array $size,
        array $in,
    ): array {
        $matrix = [];
        foreach ($in as $i => $a) {
            foreach ($in as $j => $b) {
                $sum = $i === $j ? $worth * $size[$a] ** 2 : 0.0;
                foreach ($rows as $nth => $row) {
                    $sum += $weights[$nth] * $row[$a] * $row[$b];
                }
                $matrix[$i][$j] = $sum;
            }
            $right = $worth * $size[$a] ** 2 * $prior[$a];
            foreach ($rows as $nth => $row) {
                $right += $weights[$nth] * $row[$a] * $targets[$nth];
            }
            $matrix[$i][] = $right;
        }

        return array_combine($in, self::eliminated($matrix));
    }

    /**
     * Gauss, the largest first.
     *
     * @param array<int, array<int, float>> $matrix with the right side as its last column
     *
     * @return list<float>
     */
    private static function eliminated(array $matrix): array
    {
        $many = \count($matrix);
        for ($at = 0; $at < $many; ++$at) {
            $largest = $at;
            for ($row = $at + 1; $row < $many; ++$row) {
                $largest = abs($matrix[$row][$at]) > abs($matrix[$largest][$at]) ? $row : $largest;
            }
            [$matrix[$at], $matrix[$largest]] = [$matrix[$largest], $matrix[$at]];
            for ($row = $at + 1; $row < $many; ++$row) {
                $by = $matrix[$row][$at] / $matrix[$at][$at];
                for ($column = $at; $column <= $many; ++$column) {
                    $matrix[$row][$column] -= $by * $matrix[$at][$column];
                }
            }
        }
        $found = array_fill(0, $many, 0.0);
        for ($at = $many - 1; $at >= 0; --$at) {
            $sum = $matrix[$at][$many];
            for ($column = $at + 1; $column < $many; ++$column) {
                $sum -= $matrix[$at][$column] * $found[$column];
            }
            $found[$at] = $sum / $matrix[$at][$at];
        }

        return array_values($found);
    }
}
