<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** The version a change was decided on. */
final readonly class VersionRequest
{
    /**
     * @param int $version as it was read; a change by somebody else since is a conflict
     */
    public function __construct(public int $version)
    {
    }
}
