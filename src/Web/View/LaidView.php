<?php

declare(strict_types=1);

namespace Yelbo\Web\View;

use Yelbo\Shop\Batches\NestParts;
use Yelbo\Shop\Batches\NestPlan;

/**
 * Where a shape lies: its box’s left top corner in mm, and its turn.
 *
 * @phpstan-import-type PlanPlace from NestPlan
 */
final readonly class LaidView
{
    /**
     * @param string $name as people call it
     * @param float $x from the left, mm
     * @param float $y from the top, mm
     * @param float $turn degrees, clockwise
     * @param bool $pinned whether it stays where it lies
     */
    public function __construct(
        public string $name,
        public float $x,
        public float $y,
        public float $turn,
        public bool $pinned,
    ) {
    }

    /** @param PlanPlace $at */
    public static function from(array $at): self
    {
        $spot = SpotView::micrometres($at['x'], $at['y']);

        return new self(NestParts::name($at['piece'], $at['part']), $spot->x, $spot->y, $at['turn'], $at['pinned']);
    }
}
