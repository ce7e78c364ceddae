<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A stop to be let pass; how bad it is in µm as the check found it. */
final readonly class WaiverRequest
{
    public function __construct(public int $version, public string $code, public string $reason, public int $found = 0)
    {
    }
}
