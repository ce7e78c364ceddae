<?php

declare(strict_types=1);

namespace Yelbo\Trade\Geometry;

/**
 * The largest size of a shape in a room of any outline, the middle of its box at a point.
 *
 * What fits at one size need not fit at a smaller one: a hole in the room can lie in a counter or between two letters.
 * So sizes are tried from the largest down, and the first that fits is grown until it no longer does. Every step is
 * checked against the outlines. Source: handbook section 3, "First sizes".
 */
final class LargestAt implements Largest
{
    /** From one try to the next. */
    private const STEP = 0.985;
    private const ROUGH_STEP = 0.97;
    /** Of the scale: where growing ends. */
    private const FINE = 2e-5;
    private const ROUGHLY = 0.004;
    /** Of the largest that the room's box holds: smaller is nothing. */
    private const LEAST = 0.01;

    private readonly Region $shape;
    private readonly float $middleX;
    private readonly float $middleY;
    private readonly float $x;
    private readonly float $y;
    /** From the point of the shape that goes to the anchor up to the middle of its box, at a scale of one. */
    private readonly float $up;
    private ?float $best = null;

    public function __construct(
        private readonly Region $room,
        Region $shape,
        Anchor $anchor,
        private readonly bool $roughly = false,
    ) {
        [$this->x, $this->y] = [$anchor->x, (float) $anchor->y];
        // What is inside a letter's counter matters only where the room has holes.
        $this->shape = 0 === $room->holes()
            ? $shape->filled()
            : $shape;
        $box = $shape->box();
        $this->middleX = ($box->left + $box->right) / 2;
        $this->up = $anchor->lean * $box->height();
        $this->middleY = ($box->top + $box->bottom) / 2 + $this->up;
    }

    public function scale(): float
    {
        return $this->best ??= $this->search();
    }

    /** @param float $scale of the size it was tried at */
    public function middle(float $scale, array $wanted): ?array
    {
        return $this->fits($scale) ? [$this->x, $this->y - $scale * $this->up] : null;
    }

    private function search(): float
    {
        if ($this->room->isEmpty()) {
            return 0.0;
        }
        $room = $this->room->box();
        $box = $this->shape->box();
        $most = min(
            (2 * min($this->x - $room->left, $room->right - $this->x)) / max(1, $box->width()),
            ($this->y - $room->top) / max(1, $box->height() / 2 + $this->up),
            ($room->bottom - $this->y) / max(1, $box->height() / 2 - $this->up),
        );
        // Where the room is its own box nothing has to be looked for.
        $try = $most * (1 - self::FINE / 2);
        $fails = $most;
        $least = $most * self::LEAST;
        $step = $this->roughly ? self::ROUGH_STEP : self::STEP;
        while ($try > $least && !$this->fits($try)) {
            $fails = $try;
            $try *= $step;
        }

        return $try > $least ? $this->grown($try, $fails) : 0.0;
    }

    private function grown(float $fits, float $fails): float
    {
        $fine = $this->roughly ? self::ROUGHLY : self::FINE;
        while ($fails - $fits > $fine * $fits) {
            $try = ($fits + $fails) / 2;
            [$fits, $fails] = $this->fits($try) ? [$try, $fails] : [$fits, $try];
        }

        return $fits;
    }

    private function fits(float $scale): bool
    {
        return $scale > 0 && Geos::covers(
            $this->room,
            $this->shape->put($scale, $this->x - $scale * $this->middleX, $this->y - $scale * $this->middleY),
        );
    }
}
