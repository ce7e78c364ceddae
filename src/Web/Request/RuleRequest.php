<?php

declare(strict_types=1);

namespace Yelbo\Web\Request;

/** A figure of the shop's own. */
final readonly class RuleRequest
{
    public function __construct(public string $value)
    {
    }
}
