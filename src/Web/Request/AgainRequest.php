<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** To lay out again what is not pinned. */
final readonly class AgainRequest
{
    public function __construct(public int $version, public bool $longer = false)
    {
    }
}
