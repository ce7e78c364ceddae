<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** What the whole order costs, as typed; empty where it is not agreed. */
final readonly class PriceRequest
{
    public function __construct(public int $version, public string $price)
    {
    }
}
