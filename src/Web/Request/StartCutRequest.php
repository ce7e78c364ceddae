<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** The film that is loaded. */
final readonly class StartCutRequest
{
    /**
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param int $stock the number of the stock that is loaded
     */
    public function __construct(public int $version, public int $stock)
    {
    }
}
