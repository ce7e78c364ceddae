<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** What something is to be called. */
final readonly class NameRequest
{
    /** @param string $name as typed */
    public function __construct(public string $name = '')
    {
    }
}
