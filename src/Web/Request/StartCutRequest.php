<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** The film that is loaded. */
final readonly class StartCutRequest
{
    public function __construct(public int $version, public int $stock)
    {
    }
}
