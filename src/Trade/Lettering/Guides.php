<?php

declare(strict_types=1);

namespace Yelbo\Trade\Lettering;

use Yelbo\Trade\Geometry\Box;

/**
 * Places at which something lies in line with what is on the object already: the edges that are safe, the middle, parts
 * like clips and seams, edges and middles of what lies beside it, and equal gaps between its neighbours. All in the
 * object's frame, µm. Source: handbook section 4, "Several things on one object".
 *
 * @phpstan-type Named array{label: string, box: Box}
 * @phpstan-type Guide array{at: int, line: int, label: string}
 */
final readonly class Guides
{
    /**
     * @param Box         $object all of the object
     * @param Box         $safe   of it, where film may lie
     * @param list<Named> $parts  of the object, told by their middles
     * @param list<Named> $beside what lies on it already
     */
    public function __construct(private Box $object, private Box $safe, private array $parts, private array $beside)
    {
    }

    /**
     * @return array{across: list<Guide>, down: list<Guide>} where its left or top would be, the line it then keeps to,
     *     and what that is in words; each place once
     */
    public function of(Box $own): array
    {
        return ['across' => $this->along($own, false), 'down' => $this->along($own, true)];
    }

    /** @return list<Guide> */
    private function along(Box $own, bool $down): array
    {
        [$start, $end] = self::span($own, $down);
        $long = $end - $start;
        $half = intdiv($long, 2);
        [$first, $last] = $down ? ['top', 'bottom'] : ['left', 'right'];
        $middle = static fn (Box $of): int => intdiv(array_sum(self::span($of, $down)), 2);
        [$near, $far] = self::span($this->safe, $down);
        $guides = [
            self::guide($middle($this->object) - $half, $middle($this->object), 'the middle'),
            self::guide($near, $near, "the $first safe edge"),
            self::guide($far - $long, $far, "the $last safe edge"),
        ];
        foreach ($this->parts as ['label' => $label, 'box' => $part]) {
            $guides[] = self::guide($middle($part) - $half, $middle($part), "the middle of: $label");
        }
        foreach ($this->beside as ['label' => $label, 'box' => $box]) {
            [$from, $to] = self::span($box, $down);
            $guides[] = self::guide($middle($box) - $half, $middle($box), "the middle of $label");
            $guides[] = self::guide($from, $from, "the $first edge of $label");
            $guides[] = self::guide($to - $long, $to, "the $last edge of $label");
        }
        array_push($guides, ...$this->equalGaps($own, $down));
        $each = [];
        foreach ($guides as $guide) {
            $each[$guide['at']] ??= $guide;
        }
        ksort($each);

        return array_values($each);
    }

    /**
     * Between two neighbours as far from either, and as far beyond one as that is from the other.
     *
     * @return list<Guide>
     */
    private function equalGaps(Box $own, bool $down): array
    {
        $long = self::span($own, $down)[1] - self::span($own, $down)[0];
        [$above, $below] = self::span($own, !$down);
        $row = array_values(
            array_filter(
                array_column($this->beside, 'box'),
                static function (Box $box) use ($above, $below, $down): bool {
                    [$from, $to] = self::span($box, !$down);

                    return $from < $below && $to > $above;
                },
            ),
        );
        $start = static fn (Box $box): int => self::span($box, $down)[0];
        usort($row, static fn (Box $one, Box $other): int => $start($one) <=> $start($other));
        $guides = [];
        foreach (\array_slice($row, 1) as $nth => $next) {
            [$from, $until] = self::span($row[$nth], $down);
            [$after, $to] = self::span($next, $down);
            $gap = $after - $until;
            if ($gap >= $long) {
                $at = $until + intdiv($gap - $long, 2);
                $guides[] = self::guide($at, $at + intdiv($long, 2), 'equal gaps');
            }
            if ($gap > 0) {
                $guides[] = self::guide($to + $gap, $to + $gap, 'the same gap again');
                $guides[] = self::guide($from - $gap - $long, $from - $gap, 'the same gap again');
            }
        }

        return $guides;
    }

    /** @return Guide */
    private static function guide(int $at, int $line, string $label): array
    {
        return ['at' => $at, 'line' => $line, 'label' => $label];
    }

    /** @return array{int, int} */
    private static function span(Box $box, bool $down): array
    {
        return $down ? [$box->top, $box->bottom] : [$box->left, $box->right];
    }
}
