<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** The version a change was decided on. */
final readonly class VersionRequest
{
    public function __construct(public int $version)
    {
    }
}
