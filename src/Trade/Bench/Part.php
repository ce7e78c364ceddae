<?php

declare(strict_types=1);

namespace Yelbo\Trade\Bench;

use Yelbo\Trade\Geometry\Inscribed;
use Yelbo\Trade\Geometry\Region;

/** A piece of film at the bench: one that stays, or one that has to come out. */
final class Part
{
    private ?Inscribed $circle = null;

    public function __construct(public readonly Region $region, public readonly bool $inside = false)
    {
    }

    /**
     * The middle of the largest circle that fits.
     *
     * @return array{int, int} µm
     */
    public function at(): array
    {
        return [(int) round($this->circle()->x), (int) round($this->circle()->y)];
    }

    /** The largest circle that fits, mm across. */
    public function across(): float
    {
        return $this->circle()->across();
    }

    /** mm² */
    public function area(): float
    {
        return round($this->region->area(), 3);
    }

    /** The width of its strokes on average, mm: its area over half its outline. */
    public function stroke(): float
    {
        return 2 * $this->region->area() / $this->region->outlineLength();
    }

    /** The narrower side of its box, mm: no part of it is wider across. */
    public function narrow(): float
    {
        $box = $this->region->box();

        return min($box->width(), $box->height()) / 1000;
    }

    /** The longer side of its box, mm. */
    public function long(): float
    {
        $box = $this->region->box();

        return max($box->width(), $box->height()) / 1000;
    }

    /** Found when it is first asked for: a surround is large, and its middle seldom matters. */
    private function circle(): Inscribed
    {
        return $this->circle ??= Inscribed::in($this->region);
    }
}
