<?php

declare(strict_types=1);

namespace Yelbo\Trade\Bench;

use Yelbo\Trade\Geometry\Inscribed;
use Yelbo\Trade\Geometry\Region;

/** A piece of film at the bench: one that stays, or one that has to come out. */
final readonly class Part
{
    /**
     * @param array{int, int} $at     the middle of the largest circle that fits, µm
     * @param float           $area   mm²
     * @param float           $across of that circle, mm
     */
    private function __construct(public Region $region, public array $at, public float $area, public float $across, public bool $inside)
    {
    }

    public static function of(Region $region, bool $inside = false): self
    {
        $circle = Inscribed::in($region);

        return new self($region, [(int) round($circle->x), (int) round($circle->y)], round($region->area(), 3), $circle->across(), $inside);
    }

    /** The width of its strokes on average, mm: its area over half its outline. */
    public function stroke(): float
    {
        return 2 * $this->area / $this->region->outlineLength();
    }

    /** The narrower side of its box, mm. */
    public function narrow(): float
    {
        $box = $this->region->box();

        return min($box->width(), $box->height()) / 1000;
    }
}
