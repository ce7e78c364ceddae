<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** So much, as typed, and why. */
final readonly class AmountRequest
{
    public function __construct(public int $version, public string $amount, public string $reason = '')
    {
    }
}
