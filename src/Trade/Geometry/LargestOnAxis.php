<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/**
 * The largest size of a shape in a room of any outline, the middle of its box on an upright line, its height free.
 *
 * At some heights the largest size is found roughly; from the best of them a linear programme grows and moves the shape
 * along the line until nothing gives. Source: handbook section 3, "First sizes".
 */
final class LargestOnAxis implements Largest
{
    /** Heights that are tried. */
    private const HEIGHTS = 15;
    /** Of them so many are grown from. */
    private const STARTS = 2;
    private const MOST_STEPS = 40;
    /** Of the scale: where growing ends. */
    private const FINE = 2e-5;
    /** Of the size: how far from an edge is looked at first. */
    private const REACH = 0.06;

    /** @var array{float, float}|null scale and height of the middle, µm */
    private ?array $best = null;
    private readonly Region $shape;
    /** @var array{float, float} */
    private readonly array $middle;

    /** @param float $x µm */
    public function __construct(
        private readonly Region $room,
        Region $shape,
        private readonly float $x,
        private readonly bool $roughly = false,
    ) {
        $this->shape = 0 === $room->holes()
            ? $shape->filled()
            : $shape;
        $box = $shape->box();
        $this->middle = [($box->left + $box->right) / 2, ($box->top + $box->bottom) / 2];
    }

    public function scale(): float
    {
        return max(0.0, $this->best()[0]);
    }

    /**
     * As near to the height wanted as there is room on the line.
     *
     * @param float $scale of the size it was tried at
     */
    public function middle(float $scale, array $wanted): ?array
    {
        if ($this->fits($scale, $wanted[1])) {
            return [$this->x, $wanted[1]];
        }
        [$most, $from] = $this->best();
        if ($most <= 0 || !$this->fits($scale, $from)) {
            return null;
        }
        $share = 0.0;
        for ($step = 0.5; $step > 0.004; $step /= 2) {
            if ($this->fits($scale, $from + ($share + $step) * ($wanted[1] - $from))) {
                $share += $step;
            }
        }

        return [$this->x, $from + $share * ($wanted[1] - $from)];
    }

    /** @return array{float, float} */
    private function best(): array
    {
        return $this->best ??= $this->search();
    }

    /** @return array{float, float} */
    private function search(): array
    {
        if ($this->room->isEmpty()) {
            return [0.0, 0.0];
        }
        $box = $this->room->box();
        $found = [];
        for ($nth = 1; $nth <= self::HEIGHTS; ++$nth) {
            $y = $box->top + ($box->height() * $nth) / (self::HEIGHTS + 1);
            $found[] = [(new LargestAt($this->room, $this->shape, new Anchor($this->x, $y), true))->scale(), $y];
        }
        usort($found, static fn (array $a, array $b): int => [$b[0], $a[1]] <=> [$a[0], $b[1]]);
        if ($this->roughly || $found[0][0] <= 0) {
            return $found[0];
        }
        $best = [0.0, 0.0];
        foreach (\array_slice($found, 0, self::STARTS) as [$scale, $y]) {
            $grown = $scale > 0 ? $this->grow($scale, $y) : [0.0, 0.0];
            $best = $grown[0] > $best[0] ? $grown : $best;
        }

        return $best;
    }

    /** @return array{float, float} */
    private function grow(float $scale, float $y): array
    {
        $box = $this->shape->box();
        $size = $scale * max($box->width(), $box->height());
        $reach = self::REACH * $size;
        $contacts = new Contacts($this->room, $this->shape);
        for ($step = 0; $step < self::MOST_STEPS && $reach > self::FINE * $size; ++$step) {
            // Scale and move together carry no corner further than half the reach that was looked at.
            $most = $reach / (2 * $size);
            $frame = [
                [1.0, 0.0, $this->x, 0.0],
                [-1.0, 0.0, -$this->x, 0.0],
                [0.0, 1.0, $y + $reach / 4, 0.0],
                [0.0, -1.0, $reach / 4 - $y, 0.0],
                [0.0, 0.0, $scale * (1 + $most), 1.0],
            ];
            [$larger, , $ny] = (new ScaleProgramme($contacts->rows($scale, $this->x, $y, $reach), $frame))->solve();
            if ($larger > $scale && $this->fits($larger, $ny)) {
                $gained = $larger / $scale - 1;
                [$scale, $y] = [$larger, $ny];
                $reach = $gained < $most / 4 ? $reach / 3 : $reach;
            } else {
                $reach /= 3;
            }
        }

        return [$scale, $y];
    }

    private function fits(float $scale, float $y): bool
    {
        [$mx, $my] = $this->middle;

        return $scale > 0
            && Geos::covers($this->room, $this->shape->put($scale, $this->x - $scale * $mx, $y - $scale * $my));
    }
}
