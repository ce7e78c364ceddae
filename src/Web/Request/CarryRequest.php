<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A piece of a plan that goes to another sheet. */
final readonly class CarryRequest
{
    /**
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param int $sheet which sheet of the plan it lies on, from 0
     * @param int $nth which piece on the sheet, from 0
     * @param int|null $to the sheet of the plan it goes to, from 0; one more where none is named
     * @param int|null $stock of that one more its number on the shelf
     */
    public function __construct(
        public int $version,
        public int $sheet,
        public int $nth,
        public ?int $to = null,
        public ?int $stock = null,
    ) {
    }
}
