<?php

declare(strict_types=1);

namespace Yelbo\Shop\Bench;

use Yelbo\Trade\Geometry\Box;

/** A paper guide laid out on pages. */
final readonly class LaidGuide
{
    /**
     * @param Box                                     $frame   all that is shown, µm
     * @param list<array{role: string, path: string}> $marks   from bottom to top, crosses in the overlaps among them,
     *     mm
     * @param list<Box>                               $pages   what each shows, row by row, µm
     * @param int                                     $columns pages across
     * @param int                                     $rows    pages down
     * @param bool                                    $upright whether the paper stands upright
     * @param bool                                    $whole   all of the object, or only what lies round the art
     */
    public function __construct(
        public Box $frame,
        public array $marks,
        public array $pages,
        public int $columns,
        public int $rows,
        public bool $upright,
        public bool $whole,
    ) {
    }
}
