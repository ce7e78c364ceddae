<?php

declare(strict_types=1);

namespace Yelbo\Trade\Object;

use Yelbo\Trade\Geometry\ConvexArea;
use Yelbo\Trade\Measure\Size;
use Yelbo\Trade\Refused;

/**
 * A polygon of even corners, measured over all. A corner points sideways where it is wider
 * than high, else up. Source: handbook section 3.
 */
final readonly class Polygon implements Surface
{
    use FlatConvex;

    private const MOST_SIDES = 60;

    /**
     * @param int $sides how many
     *
     * @throws Refused for fewer than three sides
     */
    public function __construct(private Size $size, private int $sides)
    {
        if ($sides < 3 || $sides > self::MOST_SIDES) {
            throw new Refused('absurd-sides', 'A polygon has from 3 to '.self::MOST_SIDES.' sides.', '/sides');
        }
    }

    private function area(): ConvexArea
    {
        $width = $this->size->width->micrometres;
        $height = $this->size->height->micrometres;
        $from = $width > $height ? 0.0 : -\M_PI / 2;
        $corners = [];
        for ($nth = 0; $nth < $this->sides; ++$nth) {
            $corners[] = [cos($from + 2 * \M_PI * $nth / $this->sides), sin($from + 2 * \M_PI * $nth / $this->sides)];
        }
        [$xs, $ys] = [[0.0, ...array_column($corners, 0)], [0.0, ...array_column($corners, 1)]];

        return ConvexArea::polygon(array_map(static fn (array $corner): array => [
            ($corner[0] - min($xs)) / (max($xs) - min($xs)) * $width,
            ($corner[1] - min($ys)) / (max($ys) - min($ys)) * $height,
        ], $corners));
    }
}
