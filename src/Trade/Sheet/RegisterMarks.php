<?php

declare(strict_types=1);

namespace Yelbo\Trade\Sheet;

use Yelbo\Trade\Geometry\Box;
use Yelbo\Trade\Geometry\Region;

/** Register marks at the joints of a panel. */
final class RegisterMarks
{
    private function __construct()
    {
    }

    /**
     * A circle and a cross at both ends of each joint, in every panel at the same spot.
     *
     * @param list<int> $down   joints between columns, µm from the left
     * @param list<int> $across joints between rows, µm from the top
     *
     * @return list<Region>
     */
    public static function marks(array $down, array $across, Box $cell): array
    {
        $marks = [];
        foreach ($down as $x) {
            array_push(
                $marks,
                RegisterMark::at($x, $cell->top - RegisterMark::AWAY),
                RegisterMark::at($x, $cell->bottom + RegisterMark::AWAY),
            );
        }
        foreach ($across as $y) {
            array_push(
                $marks,
                RegisterMark::at($cell->left - RegisterMark::AWAY, $y),
                RegisterMark::at($cell->right + RegisterMark::AWAY, $y),
            );
        }

        return $marks;
    }
}
