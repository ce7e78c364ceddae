<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** So much, as typed, and why. */
final readonly class AmountRequest
{
    /**
     * @param int $version as it was read; a change by somebody else since is a conflict
     * @param string $amount how much, as typed
     * @param string $reason why, in a few words
     */
    public function __construct(public int $version, public string $amount, public string $reason = '')
    {
    }
}
