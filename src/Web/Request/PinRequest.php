<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A piece of a plan that is to stay, or not any more. */
final readonly class PinRequest
{
    /**
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param int $sheet which sheet of the plan, from 0
     * @param int $nth which piece on the sheet, from 0
     * @param bool $pinned whether it stays where it lies
     */
    public function __construct(public int $version, public int $sheet, public int $nth, public bool $pinned)
    {
    }
}
