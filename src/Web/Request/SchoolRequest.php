<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A step is done the way of the other school. */
final readonly class SchoolRequest
{
    /**
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param string $step the name of the step in the plan of work
     * @param bool $alike the same of all things of the item that stand alike
     */
    public function __construct(public int $version, public string $step, public bool $alike = false)
    {
    }
}
