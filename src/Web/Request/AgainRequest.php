<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** To lay out again what is not pinned. */
final readonly class AgainRequest
{
    /**
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param bool $longer whether to think for the longer time
     */
    public function __construct(public int $version, public bool $longer = false)
    {
    }
}
