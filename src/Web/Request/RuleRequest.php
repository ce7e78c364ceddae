<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A figure of the shop's own. */
final readonly class RuleRequest
{
    /**
     * @param string $value as typed; empty for the standard
     * @param int|null $version as it was read, 0 where it was never changed; a change by somebody else since is a
     *     conflict. Null sets it whatever it is.
     */
    public function __construct(public string $value, public ?int $version = null)
    {
    }
}
