<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** What the whole order costs, as typed; empty where it is not agreed. */
final readonly class PriceRequest
{
    /**
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param string $price what the order costs, as typed
     */
    public function __construct(public int $version, public string $price)
    {
    }
}
