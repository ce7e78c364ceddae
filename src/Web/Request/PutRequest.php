<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A piece of a plan put down by hand: its box’s left top corner in mm, and its turn. */
final readonly class PutRequest
{
    /**
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param int $sheet which sheet of the plan, from 0
     * @param int $nth which piece on the sheet, from 0
     * @param float $x from the left, mm
     * @param float $y from the top, mm
     * @param float $turn degrees, clockwise
     */
    public function __construct(
        public int $version,
        public int $sheet,
        public int $nth,
        public float $x,
        public float $y,
        public float $turn,
    ) {
    }
}
