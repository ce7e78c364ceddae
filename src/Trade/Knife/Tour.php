<?php

declare(strict_types=1);

namespace Yelbo\Trade\Knife;

use Random\Randomizer;

/**
 * An order of contours with little way in the air, in which each is begun, and ended, at one of its corners. What must
 * come before something else stays before it. Found from the nearest next one, then made shorter by turning stretches
 * round and by moving a few contours elsewhere until neither helps.
 */
final class Tour
{
    /** So many nearest others are tried as neighbours. */
    private const NEAR = 8;
    private const STRETCH = 3;
    private const SWEEPS = 12;

    /** @var list<int> contours in order */
    private array $order = [];
    /** @var list<array{int, int}> where each contour begins, by contour */
    private array $at;
    /** @var array<int, int> */
    private array $place = [];
    /** @var list<list<int>>|null */
    private ?array $near = null;

    /**
     * @param list<list<array{int, int}>> $rings   corners, µm
     * @param list<list<int>>             $holders contours that must come after each
     */
    public function __construct(private readonly array $rings, private readonly array $holders)
    {
        $this->at = array_map(static fn (array $ring): array => $ring[0], $rings);
        foreach (NearestFirst::way($rings, $holders) as [$contour, $corner]) {
            $this->order[] = $contour;
            $this->at[$contour] = $corner;
        }
        $this->index();
    }

    /** @return list<array{int, array{int, int}}> contours in order, each with the corner it begins at */
    public function way(): array
    {
        return array_map(fn (int $contour): array => [$contour, $this->at[$contour]], $this->order);
    }

    /** In the air from the sheet's origin to the last beginning, µm. */
    public function length(): float
    {
        $sum = 0.0;
        $from = [0, 0];
        foreach ($this->order as $contour) {
            $sum += self::far($from, $this->at[$contour]);
            $from = $this->at[$contour];
        }

        return $sum;
    }

    /**
     * Until nothing helps, or for so many sweeps.
     *
     * @param int $sweeps how often all of it is looked at
     */
    public function improve(int $sweeps = self::SWEEPS): void
    {
        for ($sweep = 0; $sweep < $sweeps; ++$sweep) {
            $before = $this->length();
            $this->begin();
            $this->near = null;
            for ($nth = 0; $nth < \count($this->order); ++$nth) {
                $this->better($nth);
            }
            if ($this->length() > $before - 1) {
                break;
            }
        }
        $this->begin();
    }

    /** Another order not far from this one, made as short as it gets: kept where it is no longer. */
    public function shake(Randomizer $random): void
    {
        $count = \count($this->order);
        if ($count < 8) {
            return;
        }
        [$order, $at, $length] = [$this->order, $this->at, $this->length()];
        $long = $random->getInt(1, min(12, intdiv($count, 3)));
        $from = $random->getInt(0, $count - $long);
        $moved = array_splice($this->order, $from, $long);
        $to = $random->getInt(max(0, $from - 40), min(\count($this->order), $from + 40));
        array_splice($this->order, $to, 0, 0 === $random->getInt(0, 1) ? $moved : array_reverse($moved));
        $this->index();
        if ($this->keepsOrder(min($from, $to), max($from, $to) + $long)) {
            foreach (
                \array_slice($this->order, max(0, min($from, $to) - 5), abs($from - $to) + $long + 10) as $contour
            ) {
                $this->better($this->place[$contour]);
            }
            if ($this->length() <= $length) {
                return;
            }
        }
        [$this->order, $this->at] = [$order, $at];
        $this->index();
    }

    /** Begins each contour where the way past it is shortest. */
    private function begin(): void
    {
        for ($sweep = 0; $sweep < 2; ++$sweep) {
            $from = [0, 0];
            foreach ($this->order as $nth => $contour) {
                $next = isset($this->order[$nth + 1]) ? $this->at[$this->order[$nth + 1]] : null;
                $least = \INF;
                foreach ($this->rings[$contour] as $corner) {
                    $far = self::far($from, $corner) + (null === $next ? 0 : self::far($corner, $next));
                    if ($far < $least) {
                        $least = $far;
                        $this->at[$contour] = $corner;
                    }
                }
                $from = $this->at[$contour];
            }
        }
    }

    private function better(int $nth): void
    {
        $contour = $this->order[$nth];
        foreach ($this->near()[$contour] as $other) {
            if (
                $this->turnRound($this->place[$contour], $this->place[$other])
                || $this->carry($this->place[$contour], $this->place[$other])
            ) {
                return;
            }
        }
    }

    /** Lets the second follow the first by turning the stretch between them round. */
    private function turnRound(int $a, int $b): bool
    {
        if ($a > $b) {
            [$a, $b] = [$b, $a];
        }
        if ($b - $a < 2) {
            return false;
        }
        // … a [a+1 … b] b+1 …
        $gain =
            self::far($this->point($a), $this->point($a + 1)) +
            $this->gap($b, $b + 1) -
            self::far($this->point($a), $this->point($b)) -
            $this->gap($a + 1, $b + 1);
        if ($gain < 1 || !$this->mayTurn($a + 1, $b)) {
            return false;
        }
        array_splice($this->order, $a + 1, $b - $a, array_reverse(\array_slice($this->order, $a + 1, $b - $a)));
        $this->index($a + 1, $b);

        return true;
    }

    /** Moves one to three contours behind another, either way round. */
    private function carry(int $from, int $behind): bool
    {
        $count = \count($this->order);
        for ($long = 1; $long <= self::STRETCH && $from + $long <= $count; ++$long) {
            $last = $from + $long - 1;
            if ($behind >= $from - 1 && $behind <= $last) {
                continue;
            }
            $saved =
                $this->gap($from - 1, $from) +
                $this->gap($last, $last + 1) -
                ($last + 1 < $count ? $this->gap($from - 1, $last + 1) : 0);
            foreach ([false, true] as $round) {
                [$first, $end] = $round ? [$last, $from] : [$from, $last];
                $costs =
                    $this->gap($behind, $first) +
                    ($behind + 1 < $count
                        ? self::far($this->point($end), $this->point($behind + 1)) - $this->gap($behind, $behind + 1)
                        : 0);
                if ($saved - $costs < 1) {
                    continue;
                }
                $order = $this->order;
                $moved = array_splice($this->order, $from, $long);
                array_splice(
                    $this->order,
                    ($behind > $last ? $behind - $long : $behind) + 1,
                    0,
                    $round ? array_reverse($moved) : $moved,
                );
                $this->index();
                if ($this->keepsOrder(min($from, $behind), max($last, $behind))) {
                    return true;
                }
                $this->order = $order;
                $this->index();
            }
        }

        return false;
    }

    private function mayTurn(int $from, int $to): bool
    {
        for ($nth = $from; $nth <= $to; ++$nth) {
            foreach ($this->holders[$this->order[$nth]] as $holder) {
                if ($this->place[$holder] >= $from && $this->place[$holder] <= $to) {
                    return false;
                }
            }
        }

        return true;
    }

    private function keepsOrder(int $from, int $to): bool
    {
        for ($nth = max(0, $from); $nth <= min($to, \count($this->order) - 1); ++$nth) {
            foreach ($this->holders[$this->order[$nth]] as $holder) {
                if ($this->place[$holder] < $nth) {
                    return false;
                }
            }
        }

        return true;
    }

    private function index(int $from = 0, ?int $to = null): void
    {
        for ($nth = $from, $end = $to ?? \count($this->order) - 1; $nth <= $end; ++$nth) {
            $this->place[$this->order[$nth]] = $nth;
        }
    }

    /** @return array{int, int} where the knife stands after so many; before the first at the origin */
    private function point(int $nth): array
    {
        return $nth < 0 ? [0, 0] : $this->at[$this->order[$nth]];
    }

    private function gap(int $one, int $other): float
    {
        return $other >= \count($this->order) ? 0.0 : self::far($this->point($one), $this->point($other));
    }

    /** @return list<list<int>> */
    private function near(): array
    {
        if (null === $this->near) {
            // By squares of a grid, so that far ones are not looked at.
            $size = 40_000;
            $grid = [];
            foreach ($this->at as $contour => [$x, $y]) {
                $grid[intdiv($x, $size).' '.intdiv($y, $size)][] = $contour;
            }
            $this->near = [];
            foreach ($this->at as $contour => [$x, $y]) {
                $far = [];
                for ($ring = 1; $ring <= 4 && \count($far) < self::NEAR; ++$ring) {
                    $far = [];
                    for ($i = -$ring; $i <= $ring; ++$i) {
                        for ($j = -$ring; $j <= $ring; ++$j) {
                            foreach ($grid[intdiv($x, $size) + $i.' '.(intdiv($y, $size) + $j)] ?? [] as $other) {
                                if ($other !== $contour) {
                                    $far[$other] = self::far([$x, $y], $this->at[$other]);
                                }
                            }
                        }
                    }
                }
                asort($far);
                $this->near[] = \array_slice(array_keys($far), 0, self::NEAR);
            }
        }

        return $this->near;
    }

    /**
     * @param array{int, int} $one
     * @param array{int, int} $other
     */
    private static function far(array $one, array $other): float
    {
        return hypot($one[0] - $other[0], $one[1] - $other[1]);
    }
}
