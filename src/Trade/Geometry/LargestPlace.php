<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/**
 * The largest size of a shape in a room of any outline.
 *
 * A grid finds roughly where and how large: for one size it answers all places at once, on the
 * safe side. From the best of these a linear programme over what is near the edge grows and
 * moves the shape until nothing gives any more; every step is checked against the outlines.
 *
 * Source: handbook section 4, "Fit".
 */
final class LargestPlace implements Largest
{
    /** Cells along the room's longer side: first, and where that finds no place at all. */
    private const CELLS = [160, 420];
    /** Of a scale: where halving ends. */
    private const ROUGHLY = 0.015;
    /** Of the scale: where growing ends. */
    private const FINE = 2e-5;
    private const MOST_STEPS = 40;
    /** Places from which the shape is grown, far from each other. */
    private const STARTS = 3;

    /** @var array{float, float, float}|null scale and the middle of the box, µm */
    private ?array $best = null;
    private readonly Region $shape;
    /** @var array{float, float} */
    private readonly array $middle;

    public function __construct(
        private readonly Region $room,
        Region $shape,
        private readonly RoomGrid $grid,
        private readonly bool $roughly = false,
    ) {
        // What is inside a letter's counter matters only where the room has holes.
        $this->shape =
            0 === $room->holes()
                ? $shape->filled()
                : $shape;
        $box = $shape->box();
        $this->middle = [($box->left + $box->right) / 2, ($box->top + $box->bottom) / 2];
    }

    public function scale(): float
    {
        return max(0.0, $this->best()[0]);
    }

    /** @param float $scale of the size it was tried at */
    public function middle(float $scale, array $wanted): ?array
    {
        if ($this->fits($scale, ...$wanted)) {
            return $wanted;
        }
        [$most, $x, $y] = $this->best();
        if ($most <= 0 || $scale > $most * (1 + 1e-9)) {
            return null;
        }
        foreach ($this->places($scale, self::CELLS[0], $wanted) as $place) {
            if ($this->fits($scale, ...$place)) {
                return $this->towards($scale, $place, $wanted);
            }
            break;
        }

        return $this->towards($scale, [$x, $y], $wanted);
    }

    /** @return array{float, float, float} */
    private function best(): array
    {
        return $this->best ??= $this->search();
    }

    /** @return array{float, float, float} */
    private function search(): array
    {
        if ($this->room->isEmpty()) {
            return [0.0, 0.0, 0.0];
        }
        $best = [0.0, 0.0, 0.0];
        foreach (self::CELLS as $cells) {
            [$scale, $starts] = $this->roughly($cells);
            if ($this->roughly && [] !== $starts) {
                return [$scale, ...$starts[0]];
            }
            foreach ($starts as [$x, $y]) {
                $grown = $this->grow($scale, $x, $y);
                $best = $grown[0] > $best[0] ? $grown : $best;
            }
            if ($best[0] > 0) {
                return $best;
            }
        }

        return $best;
    }

    /**
     * By halving on the grid.
     *
     * @return array{float, list<array{float, float}>}
     */
    private function roughly(int $cells): array
    {
        $room = $this->room->box();
        $box = $this->shape->box();
        $fits = 0.0;
        $fails = min($room->width() / max(1, $box->width()), $room->height() / max(1, $box->height()));
        $least = $fails / 400;
        $middle = [($room->left + $room->right) / 2, ($room->top + $room->bottom) / 2];
        $starts = [];
        $try = 0.9 * $fails;
        while ($fails - $fits > self::ROUGHLY * $fails && $try > $least) {
            $places = $this->places($try, $cells, $middle);
            if ([] === $places) {
                $fails = $try;
            } else {
                $fits = $try;
                $starts = $places;
            }
            $try = 0.0 === $fits ? $fails / 1.6 : ($fits + $fails) / 2;
        }

        return [$fits, self::apart($starts, max($room->width(), $room->height()) / 8)];
    }

    /**
     * Places of the middle that the grid gives at a scale, the nearest to one wanted first.
     *
     * @param array{float, float} $wanted
     *
     * @return list<array{float, float}>
     */
    private function places(float $scale, int $cells, array $wanted): array
    {
        $room = $this->room->box();
        $cell = $this->grid->cell($cells);
        $box = $this->shape->box();
        $half = [($scale * $box->width()) / 2, ($scale * $box->height()) / 2];
        $found = [];
        foreach ($this->grid->places($this->shape, $scale, $cells) as $row => $line) {
            $y = $room->top + $row * $cell + $half[1];
            $ideal = (int) round(($wanted[0] - $half[0] - $room->left) / $cell);
            $columns = [
                strpos($line, '0', max(0, min(\strlen($line), $ideal))),
                strrpos(substr($line, 0, max(0, $ideal) + 1), '0'),
                strpos($line, '0'),
                strrpos($line, '0'),
            ];
            foreach (array_unique(array_filter($columns, is_int(...))) as $column) {
                $x = $room->left + $column * $cell + $half[0];
                $found[] = [$x, $y, hypot($x - $wanted[0], $y - $wanted[1])];
            }
        }
        usort($found, static fn (array $a, array $b): int => [$a[2], $a[1], $a[0]] <=> [$b[2], $b[1], $b[0]]);

        return array_map(static fn (array $place): array => [$place[0], $place[1]], $found);
    }

    /**
     * @param list<array{float, float}> $places
     *
     * @return list<array{float, float}>
     */
    private static function apart(array $places, float $distance): array
    {
        $apart = [];
        foreach ($places as $place) {
            foreach ($apart as $other) {
                if (hypot($place[0] - $other[0], $place[1] - $other[1]) < $distance) {
                    continue 2;
                }
            }
            $apart[] = $place;
            if (\count($apart) >= self::STARTS) {
                break;
            }
        }

        return $apart;
    }

    /**
     * Grows and moves from a place where the shape fits until nothing gives.
     *
     * @return array{float, float, float}
     */
    private function grow(float $scale, float $x, float $y): array
    {
        $box = $this->shape->box();
        $size = $scale * max($box->width(), $box->height());
        $reach = 0.06 * $size;
        $contacts = new Contacts($this->room, $this->shape);
        for ($step = 0; $step < self::MOST_STEPS && $reach > self::FINE * $size; ++$step) {
            // Scale and move together carry no corner further than half the reach that was looked at.
            $most = $reach / (2 * $size);
            $frame = [
                [1.0, 0.0, $x + $reach / 4, 0.0],
                [-1.0, 0.0, $reach / 4 - $x, 0.0],
                [0.0, 1.0, $y + $reach / 4, 0.0],
                [0.0, -1.0, $reach / 4 - $y, 0.0],
                [0.0, 0.0, $scale * (1 + $most), 1.0],
            ];
            [$larger, $nx, $ny] = (new ScaleProgramme($contacts->rows($scale, $x, $y, $reach), $frame))->solve();
            if ($larger > $scale && $this->fits($larger, $nx, $ny)) {
                $gained = $larger / $scale - 1;
                [$scale, $x, $y] = [$larger, $nx, $ny];
                $reach = $gained < $most / 4 ? $reach / 3 : $reach;
            } else {
                $reach /= 3;
            }
        }

        return [$scale, $x, $y];
    }

    /**
     * From a place that fits as far to one wanted as there is room straight on.
     *
     * @param array{float, float} $from
     * @param array{float, float} $to
     *
     * @return array{float, float}
     */
    private function towards(float $scale, array $from, array $to): array
    {
        $share = 0.0;
        for ($step = 0.5; $step > 0.004; $step /= 2) {
            $try = $share + $step;
            if ($this->fits($scale, $from[0] + $try * ($to[0] - $from[0]), $from[1] + $try * ($to[1] - $from[1]))) {
                $share = $try;
            }
        }

        return [$from[0] + $share * ($to[0] - $from[0]), $from[1] + $share * ($to[1] - $from[1])];
    }

    private function fits(float $scale, float $x, float $y): bool
    {
        [$mx, $my] = $this->middle;

        return Geos::covers($this->room, $this->shape->put($scale, $x - $scale * $mx, $y - $scale * $my));
    }
}
