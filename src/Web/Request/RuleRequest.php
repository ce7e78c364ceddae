<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A figure of the shop's own. */
final readonly class RuleRequest
{
    /**
     * @param string $value as typed; empty for the standard
     */
    public function __construct(public string $value)
    {
    }
}
