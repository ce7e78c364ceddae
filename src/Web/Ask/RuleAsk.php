<?php

declare(strict_types=1);

namespace Yelbo\Web\Ask;

/** A figure of the shop's own. */
final readonly class RuleAsk
{
    public function __construct(public string $value)
    {
    }
}
