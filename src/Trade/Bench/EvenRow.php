<?php

declare(strict_types=1);

namespace Yelbo\Trade\Bench;

use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Measure\Units;
use Yelbo\Trade\Refused;

/**
 * Decals of one size along one side of a flat object, the gaps between them and to both ends alike. Source: handbook
 * section 11, "spacing of a row of decals".
 */
final readonly class EvenRow
{
    /** µm between two, and to the ends. */
    public float $gap;

    /**
     * @param bool $across along the width; else along the height
     *
     * @throws Refused where so many do not go there
     */
    public function __construct(private Size $object, private Size $art, private int $count, private bool $across)
    {
        [$side, $each, $other, $high] = $across
            ? [$object->width, $art->width, $object->height, $art->height]
            : [$object->height, $art->height, $object->width, $art->width];
        $this->gap = ($side->micrometres - $count * $each->micrometres) / ($count + 1);
        if ($this->gap < 0 || $high->micrometres > $other->micrometres) {
            throw new Refused(
                'no-room',
                "So many of {$art->in(Units::Metric)} do not go side by side on {$object->in(Units::Metric)}.",
            );
        }
    }

    /**
     * Each with its distances from the art's edges to the object's edge on that side, µm.
     *
     * @return list<array{left: float, top: float, right: float, bottom: float, middle: array{float, float}}>
     */
    public function spots(): array
    {
        [$wide, $high] = [$this->art->width->micrometres, $this->art->height->micrometres];
        [$across, $down] = [$this->object->width->micrometres, $this->object->height->micrometres];

        return array_map(function (int $nth) use ($wide, $high, $across, $down): array {
            $along = $this->gap + $nth * (($this->across ? $wide : $high) + $this->gap);
            [$left, $top] = $this->across ? [$along, ($down - $high) / 2] : [($across - $wide) / 2, $along];

            return [
                'left' => $left,
                'top' => $top,
                'right' => $across - $left - $wide,
                'bottom' => $down - $top - $high,
                'middle' => [$left + $wide / 2, $top + $high / 2],
            ];
        }, range(0, $this->count - 1));
    }
}
